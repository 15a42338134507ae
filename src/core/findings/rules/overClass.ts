import { isCheaper } from '../../post/mail/isCheaper';
import type { PostRemedy } from '../../post/postRemedy';
import type { Remedy } from '../remedy';
import { cardSubject } from '../subject';
import type { Rule } from '../finding';

/** The card is beyond the class of mail it was to go by. */
export const overClass: Rule = {
  id: 'over-class',
  find: ({ plan, card, results }) => {
    const { wanted } = plan.post;
    const { post } = results;
    if (!wanted || !post) return [];
    const scheme = post.plan.schemes.find(({ of }) => of.id === wanted.scheme);
    const judged = scheme?.classes.find(({ of }) => of.id === wanted.class);
    if (!scheme || judged?.stands !== 'beyond') return [];
    // A card too small for the class wanted may go by a cheaper one.
    const { cheapest } = scheme;
    if (cheapest && isCheaper(cheapest.of.id, wanted.class)) return [];
    const bringsBack = ({ cheaper }: PostRemedy) => {
      const id = cheaper[wanted.scheme];
      return id !== undefined && !isCheaper(wanted.class, id);
    };
    return [
      {
        severity: 'look',
        subject: cardSubject(card),
        data: { rule: 'over-class', scheme: scheme.of.name, class: judged },
        remedies: post.remedies.filter(bringsBack).map(asRemedy),
      },
    ];
  },
};

function asRemedy({ deeds, height, edit }: PostRemedy): Remedy {
  return { id: 'cheaper-post', deeds, height, edit };
}
