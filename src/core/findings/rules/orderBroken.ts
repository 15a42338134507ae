import { overrideId } from '../../plan/collections';
import { stepWords } from '../../process/stepWords';
import { batchEdits } from '../../plan/batchEdits';
import type { Rule } from '../finding';
import { findOnStep } from '../findOnStep';
import { deed } from '../remedy';

/** A step that the designer has put where a rule of the trade does not want it. */
export const orderBroken: Rule = {
  id: 'order-broken',
  find: ({ plan, card, results: { process } }) =>
    (process?.breaches ?? []).flatMap(({ insisted, rule }) => {
      const step = process?.steps.find(({ id }) => id === insisted.then);
      const then = process?.steps.find(({ id }) => id === insisted.before);
      const override = plan.overrides.find((each) => overrideId(each) === insisted.by);
      if (!step || !then || override?.kind !== 'before') return [];
      const undone = { kind: 'remove', in: 'overrides', id: insisted.by } as const;
      const waiting = { ...override, waits: true };
      const isLook = rule.weight === 'look';
      return [
        findOnStep(
          step,
          card,
          isLook ? 'look' : 'stop',
          { rule: 'order-broken', after: stepWords(then, card), because: rule.because },
          [
            deed('as-ruled', undone),
            ...(isLook && then.drying.usual > 0
              ? [
                  deed(
                    'wait-dry',
                    batchEdits([undone, { kind: 'put', in: 'overrides', item: waiting }]),
                  ),
                ]
              : []),
          ],
        ),
      ];
    }),
};
