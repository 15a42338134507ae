import type { Finding, Rule } from '../finding';
import { usedItems } from '../usedItems';

/** Something the card takes that is off sale by the day its tutorial is published. */
export const saleEnds: Rule = {
  id: 'sale-ends',
  find: ({ plan, card, library }) => {
    const { publishOn } = plan.about;
    if (publishOn === null) return [];
    return usedItems(plan, card, library).flatMap(
      ({ newest, pieceId, letter, name }): Finding[] => {
        const { until } = newest.sale;
        if (until === null || until >= publishOn) return [];
        return [
          {
            severity: 'look',
            pieceId,
            letter,
            name,
            data: { rule: 'sale-ends', item: newest.name, until, publishOn },
            remedies: [],
          },
        ];
      },
    );
  },
};
