import type { CutPlan } from './cutPlan';

/** All new sheets of a plan. */
export function newSheets({ stocks }: CutPlan): number {
  return stocks.reduce((sum, { count }) => sum + count, 0);
}

/** Fewer new sheets than this are impossible for the whole plan. */
export function leastSheets({ stocks }: CutPlan): number {
  return stocks.reduce((sum, { bound }) => sum + bound, 0);
}
