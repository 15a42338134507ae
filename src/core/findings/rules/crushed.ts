import { changeBow } from '../../plan/pieceEdits';
import { isRibbon } from '../../resolve/ribbonParts';
import { boxRemedy } from '../boxRemedy';
import { deed } from '../remedy';
import { pieceSubject } from '../subject';
import type { Finding, Rule } from '../finding';

/** What stands up by itself and is pressed flat in an envelope on its way: a tied bow, a figure on a spring. */
export const crushed: Rule = {
  id: 'crushed',
  find: ({ plan, card, results }) => {
    const made = results.post?.plan.envelopes.chosen?.envelope.made;
    if (!results.post || made?.kind === 'box') return [];
    const inBox = boxRemedy(plan);
    const bows = card.marks.filter(isRibbon).flatMap((ribbon): readonly Finding[] => {
      const { bow } = ribbon.piece;
      if (bow?.look !== 'bow') return [];
      const flat = deed('flat-bow', changeBow(ribbon.piece, bow, { look: 'flat' }));
      return [
        {
          severity: 'look',
          subject: pieceSubject(ribbon),
          data: { rule: 'crushed', what: 'bow' },
          remedies: [flat, inBox],
        },
      ];
    });
    const springs = card.pieces
      .filter(({ piece }) => piece.motion?.kind === 'wobbler')
      .map((piece): Finding => ({
        severity: 'look',
        subject: pieceSubject(piece),
        data: { rule: 'crushed', what: 'spring' },
        remedies: [inBox],
      }));
    return [...bows, ...springs];
  },
};
