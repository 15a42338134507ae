import { describe, expect, it } from 'vitest';
import { faultsOf } from '../../../test/support/checkSchedule';
import { flowShop, jobShop } from '../../../test/support/shops';
import type { ScheduleProblem } from './scheduleProblem';
import { solveSchedule } from './solveSchedule';

/** The end, proven, of a schedule that an independent look finds no fault with. */
function provenEnd(problem: ScheduleProblem): number {
  const outcome = solveSchedule(problem, () => false);
  if (!outcome.ok) throw new Error(`no schedule: ${JSON.stringify(outcome.issue)}`);
  expect(faultsOf(problem, outcome.placed)).toEqual([]);
  expect([outcome.isProven, outcome.bound]).toEqual([true, outcome.makespan]);
  return outcome.makespan;
}

describe('published shops, figures and optima from memory', () => {
  it('six jobs on six machines, each in its own order: 55 (Fisher and Thompson 1963)', () => {
    const rows = [
      [2, 1, 0, 3, 1, 6, 3, 7, 5, 3, 4, 6],
      [1, 8, 2, 5, 4, 10, 5, 10, 0, 10, 3, 4],
      [2, 5, 3, 4, 5, 8, 0, 9, 1, 1, 4, 7],
      [1, 5, 0, 5, 2, 5, 3, 3, 4, 8, 5, 9],
      [2, 9, 1, 3, 4, 5, 5, 4, 0, 3, 3, 1],
      [1, 3, 3, 3, 5, 9, 0, 10, 4, 4, 2, 1],
    ];
    expect(provenEnd(jobShop(rows))).toBe(55);
  });

  it('eleven jobs on five machines in one order: 7038 (Carlier 1978)', () => {
    const times = [
      [375, 12, 142, 245, 412],
      [632, 452, 758, 278, 398],
      [12, 876, 124, 534, 765],
      [460, 542, 523, 120, 499],
      [528, 101, 789, 124, 999],
      [796, 245, 632, 375, 123],
      [532, 230, 543, 896, 452],
      [14, 124, 214, 543, 785],
      [257, 527, 753, 210, 463],
      [896, 896, 214, 258, 259],
      [532, 302, 501, 765, 988],
    ];
    expect(provenEnd(flowShop(times))).toBe(7038);
  });

  it('ten jobs on six machines in one order: 7720 (Carlier 1978)', () => {
    const times = [
      [333, 991, 996, 123, 145, 234],
      [333, 111, 663, 456, 785, 532],
      [252, 222, 222, 789, 214, 586],
      [222, 204, 114, 876, 752, 532],
      [255, 477, 123, 543, 143, 142],
      [555, 566, 456, 210, 698, 573],
      [558, 899, 789, 124, 532, 12],
      [888, 965, 876, 537, 145, 14],
      [889, 588, 543, 854, 247, 527],
      [999, 889, 210, 632, 451, 856],
    ];
    expect(provenEnd(flowShop(times))).toBe(7720);
  });
});
