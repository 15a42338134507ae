import { batchEdits } from '../../plan/batchEdits';
import { stepWords } from '../../process/stepWords';
import { cardSubject } from '../subject';
import type { Rule } from '../finding';
import { deed } from '../remedy';

/** Steps that each have to come before the next, and the last before the first: the fewest that cannot stand together. */
export const ordersContradict: Rule = {
  id: 'orders-contradict',
  find: ({ card, results: { process } }) =>
    (process?.contradictions ?? []).map(({ circle }) => {
      const steps = circle.flatMap(({ before }) => {
        const step = process?.steps.find(({ id }) => id === before);
        return step ? [stepWords(step, card)] : [];
      });
      const wished = circle.flatMap((each) => ('by' in each ? [each.by] : []));
      return {
        severity: 'stop',
        subject: cardSubject(card),
        data: { rule: 'orders-contradict', steps },
        remedies:
          wished.length > 0
            ? [
                deed(
                  'as-ruled',
                  batchEdits(wished.map((id) => ({ kind: 'remove', in: 'overrides', id }))),
                ),
              ]
            : [],
      };
    }),
};
