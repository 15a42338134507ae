import type { Finding, Rule } from '../finding';
import { itemSubject } from '../subject';
import { usedItems } from '../usedItems';

/** Something the card takes that is off sale by the day its tutorial is published. */
export const saleEnds: Rule = {
  id: 'sale-ends',
  find: ({ plan, card, library }) => {
    const { publishOn } = plan.about;
    if (publishOn === null) return [];
    return usedItems(plan, card, library).flatMap(({ newest, pieceId }): Finding[] => {
      const { until } = newest.sale;
      if (until === null || until >= publishOn) return [];
      const data = { rule: 'sale-ends', until, publishOn } as const;
      return [{ severity: 'look', subject: itemSubject(newest, pieceId), data, remedies: [] }];
    });
  },
};
