import { setupKeys, type Step } from './step';

/** What is got out, put away or cleaned from one step to the next. */
export type Change = 'place' | (typeof setupKeys)[number];

/** Changes from one step to the next, what is left standing counting as put away. */
export function changesBetween(
  one: Pick<Step, 'place' | 'setup'>,
  next: Pick<Step, 'place' | 'setup'>,
): readonly Change[] {
  const changed = setupKeys.filter(
    (key) => next.setup[key] !== undefined && next.setup[key] !== one.setup[key],
  );
  return one.place === next.place ? changed : ['place', ...changed];
}

/** A brush or a stencil that is changed is cleaned too, and so counts twice. */
export function costOf(changes: readonly Change[]): number {
  return changes.reduce(
    (sum, change) => sum + (change === 'brush' || change === 'stencil' ? 2 : 1),
    0,
  );
}

/** All changes of an order, cleaning included. */
export function costOfOrder(steps: readonly Pick<Step, 'place' | 'setup'>[]): number {
  return steps.slice(1).reduce((sum, next, at) => {
    const before = steps[at];
    return before ? sum + costOf(changesBetween(before, next)) : sum;
  }, 0);
}
