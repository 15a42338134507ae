import type { Arrow } from '../../../core/process/arrow';
import type { PlannedStep } from '../../../core/process/planWork';
import type { Step } from '../../../core/process/step';

/** What dries from when to when, in milliseconds since 1970, in a lane in which nothing else dries meanwhile. */
export interface DryingBar {
  readonly step: string;
  readonly from: number;
  readonly to: number;
  readonly lane: number;
}

/** Minutes below which drying is not worth a bar: the next thing is taken up by then. */
export const leastDryingShown = 3;

/** Drying that something waits for, laid into as few lanes as it takes. */
export function dryingBars(
  steps: readonly Step[],
  arrows: readonly Arrow[],
  planned: ReadonlyMap<string, PlannedStep>,
): readonly DryingBar[] {
  const awaited = new Set(arrows.filter(({ wait }) => wait === 'dry').map(({ before }) => before));
  const lanes: number[] = [];
  return steps
    .flatMap(({ id, drying }) => {
      const placed = planned.get(id);
      if (!placed || drying.usual < leastDryingShown || !awaited.has(id)) return [];
      return [{ step: id, from: placed.end, to: placed.end + drying.usual * 60_000 }];
    })
    .toSorted((a, b) => a.from - b.from)
    .map((bar) => {
      const free = lanes.findIndex((until) => until <= bar.from);
      const lane = free < 0 ? lanes.length : free;
      lanes[lane] = bar.to;
      return { ...bar, lane };
    });
}
