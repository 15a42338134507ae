import type { Activity, ScheduleIssue, ScheduleProblem, Window } from '../schedule/scheduleProblem';
import { solveSchedule } from '../schedule/solveSchedule';
import { lagOf, type Arrow } from './arrow';
import type { Session } from './evenings';
import type { Step } from './step';

/** What is laid into the evenings. */
export interface WorkProblem {
  /** In the order they are wished for: of those that may come next the first is done. */
  readonly steps: readonly Step[];
  readonly arrows: readonly Arrow[];
  /** The moment one begins, in milliseconds since 1970. */
  readonly start: number;
  readonly sessions: readonly Session[];
  readonly people: number;
  /** Steps that are done, when, in milliseconds since 1970: they are not planned again, and what they wait for is over. */
  readonly done?: ReadonlyMap<string, number>;
}

/** When a step is done, in milliseconds since 1970. */
export interface PlannedStep {
  readonly step: string;
  readonly start: number;
  readonly end: number;
}

/** A step that is late where what it waits for is slow to dry. */
export interface TightWait {
  readonly before: string;
  readonly then: string;
  /** Minutes it is not dry yet, at the slowest. */
  readonly short: number;
}

export interface WorkPlan {
  /** In the order they are begun. */
  readonly planned: readonly PlannedStep[];
  /** The evenings in which something is done. */
  readonly sessions: readonly Session[];
  /** When all is done, and the earliest moment at which it can be. */
  readonly end: number;
  readonly bound: number;
  readonly isProven: boolean;
  /** So many evenings it takes at the least, however they lie. */
  readonly leastSessions: number;
  /** Of the last evening, in minutes. */
  readonly left: number;
  readonly tight: readonly TightWait[];
}

export type WorkOutcome =
  | { readonly ok: true; readonly plan: WorkPlan }
  | { readonly ok: false; readonly issue: ScheduleIssue };

/** Half a minute, in milliseconds: the unit the evenings are planned in. */
const unit = 30_000;
const perMinute = 60_000 / unit;

/** What there is time for where the first schedule that is found will do. */
export const onlyLists = () => true;

/** Tools of which there is one. */
const singleTools = ['die press', 'heat tool'];

/**
 * Lays the steps into the evenings so that all is done as early as can be, drying filled with other work. What has to go on
 * without a break is begun only where it can be ended. Middle durations are planned with; what slow drying would break is
 * told.
 * @param isOver whether the time for it is over
 */
export function planWork(whole: WorkProblem, isOver: () => boolean): WorkOutcome {
  const { start, sessions, done = new Map<string, number>() } = whole;
  const steps = whole.steps.filter(({ id }) => !done.has(id));
  const problem = { ...whole, steps };
  if (steps.length === 0)
    return {
      ok: true,
      plan: {
        ...{ planned: [], sessions: [], end: start, bound: start, isProven: true },
        ...{ leastSessions: 0, left: 0, tight: [] },
      },
    };
  const windows = sessions.map(({ from, to }) => ({
    from: Math.ceil((from - start) / unit),
    to: Math.floor((to - start) / unit),
  }));
  const schedule = scheduleProblem(problem, windows, (id) => earliestOf(whole, id));
  const outcome = solveSchedule(schedule, isOver);
  if (!outcome.ok) return outcome;
  const moment = (at: number) => start + at * unit;
  const planned = steps
    .map(({ id }) => {
      const placed = outcome.placed.get(id) ?? { start: 0, end: 0 };
      return { step: id, start: moment(placed.start), end: moment(placed.end) };
    })
    // What begins at the same moment keeps the order wished for.
    .toSorted((a, b) => a.start - b.start);
  const end = moment(outcome.makespan);
  const used = sessions.filter(({ from, to }) =>
    planned.some((each) => each.start < to && each.end > from),
  );
  const last = used.at(-1);
  return {
    ok: true,
    plan: {
      planned,
      sessions: used,
      end,
      bound: moment(outcome.bound),
      isProven: outcome.isProven,
      leastSessions: leastSessions(problem, windows, isOver),
      left: last ? Math.max(0, (last.to - end) / 60_000) : 0,
      tight: tightWaits(problem, planned),
    },
  };
}

function scheduleProblem(
  { steps, arrows, people }: Pick<WorkProblem, 'steps' | 'arrows' | 'people'>,
  open: readonly Window[],
  earliest: (id: string) => number = () => 0,
): ScheduleProblem {
  const byId = new Map(steps.map((step) => [step.id, step]));
  const activities = steps.map((step): Activity => {
    const { id, minutes, mayPause, setup } = step;
    const tool = singleTools.find((each) => each === setup.tool);
    const after = arrows.flatMap((arrow) => {
      const before = arrow.then === id ? byId.get(arrow.before) : undefined;
      if (!before) return [];
      const least = Math.ceil(lagOf(arrow, before).usual * perMinute);
      // What may be left for another day is followed by no most.
      const most = before.mayPause ? undefined : arrow.most;
      return [{ after: before.id, least, most: most && Math.max(least, most * perMinute) }];
    });
    return {
      ...{
        id,
        mayPause,
        after,
        notBefore: earliest(id),
        duration: Math.round(minutes.usual * perMinute),
      },
      needs: [{ resource: 'hands', amount: 1 }, ...(tool ? [{ resource: tool, amount: 1 }] : [])],
    };
  });
  return {
    activities,
    resources: [
      { id: 'hands', capacity: people, open },
      ...singleTools.map((id) => ({ id, capacity: 1 })),
    ],
  };
}

/** When what a step waits for that is done is dry, in units from the start. */
function earliestOf({ steps, arrows, start, done }: WorkProblem, id: string): number {
  return arrows.reduce((latest, arrow) => {
    const at = arrow.then === id ? done?.get(arrow.before) : undefined;
    const before = steps.find((step) => step.id === arrow.before);
    if (at === undefined || !before) return latest;
    const dry = at + lagOf(arrow, before).usual * 60_000;
    return Math.max(latest, Math.ceil((dry - start) / unit));
  }, 0);
}

/**
 * How many evenings it takes at the least: as long as the longest of them, and so far apart that all dries between two. No
 * choice of evenings can do with fewer.
 */
function leastSessions(
  problem: WorkProblem,
  windows: readonly Window[],
  isOver: () => boolean,
): number {
  const longest = Math.max(0, ...windows.map(({ from, to }) => to - from));
  const apart = 10_000;
  const ideal = windows.map((_, at) => ({
    from: at * (longest + apart),
    to: at * (longest + apart) + longest,
  }));
  const outcome = solveSchedule(scheduleProblem(problem, ideal), isOver);
  if (!outcome.ok) return 1;
  return 1 + Math.floor((outcome.bound - 1) / (longest + apart));
}

/** Waits that are long enough for what dries as usual, and too short for what is slow. */
function tightWaits(
  { steps, arrows }: WorkProblem,
  planned: readonly PlannedStep[],
): readonly TightWait[] {
  const byId = new Map(steps.map((step) => [step.id, step]));
  const at = new Map(planned.map((each) => [each.step, each]));
  const all = arrows.flatMap((arrow): readonly TightWait[] => {
    const { before, then } = arrow;
    const [step, one, next] = [byId.get(before), at.get(before), at.get(then)];
    if (!step || !one || !next) return [];
    const short = lagOf(arrow, step).slow - (next.start - one.end) / 60_000;
    return short > 0 ? [{ before, then, short }] : [];
  });
  // Of what waits for the same the first in need is told.
  return [
    ...new Map(
      all.toSorted((a, b) => a.short - b.short).map((each) => [each.before, each]),
    ).values(),
  ];
}
