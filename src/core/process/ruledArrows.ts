import type { Arrow, StepRule } from './arrow';
import type { Steps } from './deriveSteps';
import { stepRules } from './rules/stepRules';

/** An arrow, and the rule that draws it. */
export interface RuledArrow extends Arrow {
  readonly rule: string;
  readonly weight: StepRule['weight'];
}

/** All that the rules of the trade put before what; of two arrows between the same steps the one that waits longer is told. */
export function ruledArrows(steps: Steps): readonly RuledArrow[] {
  const told = new Map<string, RuledArrow>();
  for (const { id: rule, weight, arrows } of stepRules)
    for (const each of arrows(steps)) {
      const { before, then } = each;
      if (before === then || !steps.byId.has(before) || !steps.byId.has(then)) continue;
      const key = arrowKey(each);
      const there = told.get(key);
      if (!there || waits.indexOf(each.wait) > waits.indexOf(there.wait))
        told.set(key, { ...each, rule, weight });
    }
  return [...told.values()];
}

const waits = ['none', 'touch', 'dry'];

/** One step before another, whatever the reason. */
export function arrowKey({ before, then }: Pick<Arrow, 'before' | 'then'>): string {
  return `${before} > ${then}`;
}
