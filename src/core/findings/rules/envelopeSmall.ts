import { shorterOf, subtractLengths, sumLengths, zeroLength } from '../../length/length';
import { fits } from '../../post/envelopeFor';
import { boxRemedy } from '../boxRemedy';
import { deed } from '../remedy';
import { cardSubject } from '../subject';
import type { Rule } from '../finding';

/** The envelope that was chosen does not go round the card with its height, or none there is does. */
export const envelopeSmall: Rule = {
  id: 'envelope-small',
  find: ({ plan, card, results }) => {
    const { post } = results;
    if (!post) return [];
    const { chosen, card: size } = post.plan.envelopes;
    if (chosen && fits(chosen)) return [];
    const lacking = (room: typeof zeroLength) =>
      subtractLengths(zeroLength, shorterOf(room, zeroLength));
    const room = sumLengths(size.height, plan.habits.envelopeRoom.ticks);
    return [
      {
        severity: 'look',
        subject: cardSubject(card),
        data: {
          rule: 'envelope-small',
          name: chosen?.envelope.name,
          long: chosen ? lacking(chosen.long) : zeroLength,
          short: chosen ? lacking(chosen.short) : zeroLength,
          wanted: {
            width: sumLengths(size.long, room),
            height: sumLengths(size.short, room),
          },
        },
        remedies: chosen
          ? [
              deed('fitting-envelope', {
                kind: 'set-post',
                change: { envelope: { by: 'smallest' } },
              }),
            ]
          : [boxRemedy(plan)],
      },
    ];
  },
};
