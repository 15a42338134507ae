import type { WorkOutcome } from './planWork';
import type { Step } from './step';

/** What is done comes first, in the order it was; then what is planned, as it is. */
export function placesIn(
  work: WorkOutcome,
  done: ReadonlyMap<string, number>,
): (step: Step) => number {
  const order = [...done].toSorted(([, a], [, b]) => a - b).map(([id]) => id);
  const all = [...order, ...(work.ok ? work.plan.planned.map(({ step }) => step) : [])];
  const places = new Map(all.map((id, at) => [id, at]));
  return ({ id }) => places.get(id) ?? all.length;
}
