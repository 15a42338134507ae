import { describe, expect, it } from 'vitest';
import { newStep } from './newStep';
import { planEvenings } from './planEvenings';
import type { WorkPlan, WorkProblem } from './planWork';
import type { Step } from './step';

const hour = 3_600_000;
const monday = Date.parse('2027-03-08T00:00Z');
const evening = (day: number, hours: number) => {
  const from = monday + (24 * day + 19) * hour;
  return { from, to: from + hours * hour };
};
const step = (id: string, minutes: number, change: Partial<Step> = {}): Step => ({
  ...newStep('colour', id),
  ...{ minutes: { quick: minutes, usual: minutes, slow: minutes }, mayPause: true },
  ...change,
});
const problem = (steps: readonly Step[], sessions: WorkProblem['sessions']): WorkProblem => ({
  ...{ steps, sessions, start: monday, people: 1 },
  arrows: steps.slice(1).map(({ id }, at) => ({
    ...{ before: steps[at]?.id ?? '', then: id, because: 'cut-first', wait: 'dry' },
  })),
});
const planned = (of: WorkProblem, wish: 'earliest' | 'fewest'): WorkPlan => {
  const outcome = planEvenings(of, wish, () => false);
  if (!outcome.ok) throw new Error(JSON.stringify(outcome.issue));
  return outcome.plan;
};

describe('evenings', () => {
  const short = evening(0, 1);
  const long = evening(3, 3);
  const work = problem([step('boat', 60), step('buoy', 60), step('bell', 30)], [short, long]);

  it('are filled as they come, so that all is done early', () => {
    const { sessions, end } = planned(work, 'earliest');
    expect(sessions).toEqual([short, long]);
    expect(end).toBe(long.from + 1.5 * hour);
  });

  it('are as few as can be where that is wished for, though it is done later', () => {
    const { sessions, end, leastSessions, bound, isProven } = planned(work, 'fewest');
    expect(sessions).toEqual([long]);
    expect(end).toBe(long.from + 2.5 * hour);
    expect(leastSessions).toBe(1);
    // It could be done earlier, in more evenings.
    expect([bound, isProven]).toEqual([planned(work, 'earliest').end, false]);
  });

  it('are no fewer than what dries overnight lets them be', () => {
    const wet = step('boat', 60, { drying: { quick: 600, usual: 600, slow: 600 } });
    const dry = problem([wet, step('buoy', 60)], [short, evening(1, 1), long]);
    const [early, few] = [planned(dry, 'earliest'), planned(dry, 'fewest')];
    expect([early.sessions.length, few.sessions.length]).toEqual([2, 2]);
    expect(few.end).toBe(early.end);
  });

  it('are the earliest of those that are as few', () => {
    const later = evening(4, 3);
    const { sessions } = planned({ ...work, sessions: [short, long, later] }, 'fewest');
    expect(sessions).toEqual([long]);
  });

  it('are told as too short where a step fits in none', () => {
    const outcome = planEvenings(
      problem([step('boat', 240, { mayPause: false })], [short, long]),
      'fewest',
      () => false,
    );
    expect(outcome.ok).toBe(false);
  });
});
