import { beforeAll, describe, expect, it } from 'vitest';
import { demoCards } from '../../../test/support/demoCards';
import { loadHighs } from '../../../test/support/highs';
import { must } from '../../../test/support/must';
import { monday, processOf } from '../../../test/support/process';
import { highsCoverSolver, type CoverSolver } from '../cutting/coverSolver';
import { usualBudget } from '../cutting/planCuts';
import { withCopies } from '../plan/withCopies';
import { freeAfter, oneMoreThan, type CopiesPoint } from '../process/copiesPoint';
import { traceCopies } from './traceCopies';

let solver: CoverSolver;
beforeAll(async () => {
  solver = highsCoverSolver(await loadHighs());
});

const garden = must(demoCards.find(({ id }) => id === 'beans-before-the-shed'));
const parcel = must(demoCards.find(({ id }) => id === 'parcel-on-the-step'));
const most = 12;

/** So often it is asked whether a search is over; the same wherever the tests run. */
const countdown = () => {
  let asked = 0;
  return () => (asked += 1) > 2000;
};

const trace = (plan = parcel.plan, to = most, { library } = parcel): readonly CopiesPoint[] => [
  ...traceCopies({ plan, library, holdings: [], time: monday, envelope: undefined }, to, {
    solver,
    budget: () => ({ ...usualBudget, isOver: () => false }),
    isOver: countdown,
  }),
];

describe('what more copies take', () => {
  it('plans each number of copies by itself, from one on, whatever the card itself tells', () => {
    const points = trace();
    expect(points.map(({ copies }) => copies)).toEqual(
      Array.from({ length: most }, (_, at) => at + 1),
    );
    expect(trace(withCopies(parcel.plan, 3))).toEqual(points);
  });

  it('takes as many evenings as the batch of so many does', () => {
    const points = trace();
    for (const copies of [2, 5, 12]) {
      const { batch } = processOf(withCopies(parcel.plan, copies), parcel.library);
      const work = must(batch).work;
      expect(must(points[copies - 1]).evenings).toBe(work.ok && work.plan.sessions.length);
    }
  });

  it('cuts a mask again when it is worn out', () => {
    const plan = { ...garden.plan, habits: { ...garden.plan.habits, maskUses: 2 } };
    const { batch } = processOf(withCopies(plan, 5), garden.library);
    const work = must(batch).work;
    const points = trace(plan, 5, garden);
    expect(must(points[4]).evenings).toBe(work.ok && work.plan.sessions.length);
  });

  it('never takes fewer sheets or evenings for more copies, and as many sheets as its stocks', () => {
    const points = trace();
    points.slice(1).forEach((point, at) => {
      const before = must(points[at]);
      expect(point.sheets).toBeGreaterThanOrEqual(before.sheets);
      expect(must(point.evenings)).toBeGreaterThanOrEqual(must(before.evenings));
      expect(point.stocks.reduce((sum, { sheets }) => sum + sheets, 0)).toBe(point.sheets);
    });
    expect(points.every(({ isLeast }) => isLeast)).toBe(true);
  });

  it('gives two bases of a letter sheet, so that each second copy needs no other base', () => {
    const points = trace();
    const bases = points.map(({ stocks }) => must(stocks[0]).sheets);
    expect(bases).toEqual(points.map(({ copies }) => Math.ceil(copies / 2)));
  });
});

describe('one copy more', () => {
  const point = (copies: number, sheets: number, evenings: number | undefined): CopiesPoint => ({
    ...{ copies, sheets, evenings, stocks: [], isLeast: true, costOfOne: 0, unpriced: [] },
  });
  const points = [point(1, 2, 1), point(2, 2, 1), point(3, 2, 1), point(4, 3, 1), point(5, 3, 2)];

  it('takes the sheets and evenings that are between', () => {
    expect(oneMoreThan(points, 1)).toEqual({ sheets: 0, evenings: 0 });
    expect(oneMoreThan(points, 3)).toEqual({ sheets: 1, evenings: 0 });
    expect(oneMoreThan(points, 4)).toEqual({ sheets: 0, evenings: 1 });
  });

  it('is not known beyond what is worked out, or where no evening is long enough', () => {
    expect(oneMoreThan(points, 5)).toBeUndefined();
    expect(oneMoreThan([point(1, 2, undefined), point(2, 2, undefined)], 1)).toBeUndefined();
  });

  it('comes free as often as neither a sheet nor an evening is added', () => {
    expect([1, 2, 3, 4, 5].map((copies) => freeAfter(points, copies))).toEqual([2, 1, 0, 0, 0]);
  });
});
