import type { Plan } from './plan';

/** The plan for so many copies; undefined leaves its own number. */
export function withCopies(plan: Plan, copies: number | undefined): Plan {
  return copies === undefined ? plan : { ...plan, making: { ...plan.making, copies } };
}

/** The plan for a single card, without spares. */
export function forOneCard(plan: Plan): Plan {
  return { ...plan, making: { ...plan.making, copies: 1, spares: { by: 'each', count: 0 } } };
}
