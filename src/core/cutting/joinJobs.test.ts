import { describe, expect, it } from 'vitest';
import { loadHighs } from '../../../test/support/highs';
import { chalk, library, measure, moss, pieceOn, planOf, typed } from '../../../test/support/plans';
import type { Plan } from '../plan/plan';
import { resolvePlan } from '../resolve/resolvePlan';
import { highsCoverSolver } from './coverSolver';
import { cutJob, type CutJob } from './cutJob';
import { joinJobs } from './joinJobs';
import { planCuts, usualBudget } from './planCuts';
import { lastOf } from './planSheets';

const solver = highsCoverSolver(await loadHighs());
const jobOf = (plan: Plan) => cutJob(plan, resolvePlan(plan, library), []);
const cut = (job: CutJob) =>
  lastOf(planCuts(job, solver, { ...usualBudget, isOver: () => false })).stocks;

describe('cards cut together', () => {
  const one = planOf([], { stock: moss });
  const other = planOf([pieceOn('front', 'panel', measure('4', '5'))], { stock: chalk });

  it('share the sheets of a stock, with letters that tell the cards apart', () => {
    // A blank of 8 1/2 x 5 1/2 leaves half a letter sheet, from which the other card's panel comes.
    const alone = [one, other].map((plan) =>
      cut(jobOf(plan)).reduce(
        (sum, { count, name }) => sum + (name.startsWith('Moss') ? count : 0),
        0,
      ),
    );
    const together = cut(
      joinJobs([
        { prefix: '1', job: jobOf(one) },
        { prefix: '2', job: jobOf(other) },
      ]),
    );
    const shared = together.find(({ name }) => name.startsWith('Moss'));
    expect(alone).toEqual([1, 1]);
    expect(shared?.count).toBe(1);
    const letters = shared?.layouts.flatMap(({ pieces }) => pieces.flatMap((each) => each.letters));
    expect(letters?.toSorted()).toEqual(['1A', '2B']);
  });

  it('are cut with the widest kerf and the longest trimmer of their habits', () => {
    const slow = {
      ...one,
      habits: { ...one.habits, kerf: typed('1/16'), trimmerLength: typed('300 mm') },
    };
    const joined = joinJobs([
      { prefix: '1', job: jobOf(slow) },
      { prefix: '2', job: jobOf(other) },
    ]);
    expect(joined.kerf).toBe(typed('1/16').ticks);
    expect(joined.reach).toBe(one.habits.trimmerLength.ticks);
    expect(() => joinJobs([])).toThrow(/at least one job/);
  });
});
