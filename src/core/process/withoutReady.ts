import type { Ahead } from './ahead';
import { caredFor, type Steps } from './deriveSteps';
import { readySteps } from './readySteps';
import type { RuledArrow } from './ruledArrows';
import type { Step } from './step';
import { isCare } from './steps/careSteps';

/** What is left to do of a card, and what is not, as all copies of it are there. */
export interface StepsLeft {
  readonly steps: readonly Step[];
  readonly arrows: readonly RuledArrow[];
  readonly fallen: readonly Step[];
}

/**
 * Leaves out what is done ahead for all copies; what is done for some says for how many. Cleaning, and trying the stamps,
 * follow from what is left.
 */
export function withoutReady(
  { input, all }: Pick<Steps, 'input' | 'all'>,
  arrows: readonly RuledArrow[],
  ahead: readonly Pick<Ahead, 'step' | 'count'>[],
): StepsLeft {
  if (ahead.length === 0) return { steps: all, arrows, fallen: [] };
  const { copies } = input.plan.making;
  const ready = readySteps(all, arrows, ahead);
  const made = all.filter((step) => !isCare(step) && (ready.get(step.id) ?? 0) < copies);
  const steps = caredFor(input, made).map((step) => {
    const count = ready.get(step.id);
    return count === undefined ? step : { ...step, ready: count };
  });
  const left = new Set(steps.map(({ id }) => id));
  const fallen = all.filter(({ id }) => !left.has(id));
  // What comes before a step that is done need not come before what follows it.
  const kept = arrows.filter(({ before, then }) => left.has(before) && left.has(then));
  return { steps, arrows: kept, fallen };
}
