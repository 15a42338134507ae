import type { StepKind } from '../../plan/workFacts';
import type { Rule } from '../finding';
import { findOnStep } from '../findOnStep';
import { deed } from '../remedy';

/** Steps that are spared at the cost of the print. */
const missed: readonly StepKind[] = ['anti-static', 'wipe', 'mask'];

/** A step left out that is missed later: anti-static powder, the wiping of what was blended over, a mask. */
export const stepLeftOut: Rule = {
  id: 'step-left-out',
  find: ({ card, results: { process } }) =>
    (process?.skipped ?? [])
      .filter(({ kind }) => missed.includes(kind))
      .map((step) =>
        findOnStep(step, card, 'look', { rule: 'step-left-out', step: step.kind }, [
          deed('add-step', { kind: 'remove', in: 'overrides', id: `skip ${step.id}` }),
        ]),
      ),
};
