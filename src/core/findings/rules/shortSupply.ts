import type { Finding, Rule } from '../finding';
import { itemSubject } from '../subject';

/** What the batch takes and the stash has not enough of, by the supply list; what nobody counts is there. */
export const shortSupply: Rule = {
  id: 'short-supply',
  find: ({ card, results: { supplies } }) =>
    (supplies?.rows ?? []).flatMap(({ item, letters, batch, lacking, unit, sheet }): Finding[] => {
      if (!item || lacking <= 0) return [];
      const takenBy = card.pieces.find(({ letter }) => letters.includes(letter))?.id;
      return [
        {
          severity: 'look',
          subject: itemSubject(item, takenBy),
          data: { rule: 'short-supply', batch: batch ?? lacking, lacking, unit, sheet },
          remedies: [],
        },
      ];
    }),
};
