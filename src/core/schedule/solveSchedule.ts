import { seeded } from '../seeded';
import { lowerBound } from './bounds';
import { orderFlowShop } from './flowShop';
import { listSchedule, type ListedStarts } from './listSchedule';
import {
  endOf,
  isIssue,
  networkOf,
  raiseStarts,
  tailsOf,
  type Network,
  type Task,
} from './network';
import type { Placed, ScheduleIssue, ScheduleOutcome, ScheduleProblem } from './scheduleProblem';

import { searchSchedule } from './searchSchedule';

/** So many lists in another order are tried before the search. */
const shuffles = 24;

/**
 * When each activity is done so that the last ends as early as it can. Lists are tried against what bounds every schedule;
 * what they leave open is searched through, and where that takes too long the answer says between which ends the least is.
 * Of schedules that end alike the one is kept that follows the order of the activities most closely.
 * @param isOver whether the time for it is over; asked often
 * @throws RangeError where the problem names what it does not have
 */
export function solveSchedule(problem: ScheduleProblem, isOver: () => boolean): ScheduleOutcome {
  const network = networkOf(problem);
  if (isIssue(network)) return { ok: false, issue: network };
  const horizon = horizonOf(network);
  const heads = network.tasks.map(() => 0);
  if (!raiseStarts(network, network.arcs, heads, horizon))
    return { ok: false, issue: circleIn(problem) ?? { code: 'none' } };
  const tails = tailsOf(network, network.arcs);
  const bound = lowerBound(network, heads, tails);
  const done = (starts: readonly number[], makespan: number, least: number): ScheduleOutcome => ({
    ok: true,
    placed: placedBy(problem, network, starts),
    makespan,
    bound: Math.min(least, makespan),
    isProven: least >= makespan,
  });

  const shop = flowShopOf(problem);
  if (shop) {
    const { order, makespan, bound: least } = orderFlowShop({ times: shop.times }, isOver);
    return done(shop.startsOf(order), makespan, least);
  }
  const listed = bestList(network, heads, tails, bound, horizon, isOver);
  if (listed && listed.makespan <= bound) return done(listed.starts, listed.makespan, bound);
  const most = listed?.makespan ?? horizon + 1;
  const search = searchSchedule(network, heads, most, isOver);
  const starts = search.starts ?? listed?.starts;
  if (!starts) return { ok: false, issue: { code: search.isWhole ? 'none' : 'not-found' } };
  const makespan = starts.reduce(
    (last, start, at) => Math.max(last, endOf(network.tasks[at] as Task, start)),
    0,
  );
  return done(starts, makespan, Math.max(bound, search.bound));
}

/** All one after the other ends no later. */
function horizonOf({ tasks, arcs }: Network): number {
  const windowEnds = tasks.flatMap(({ windows }) => {
    const last = windows.at(-1)?.to ?? 0;
    return last < Infinity ? [last] : [];
  });
  const work = tasks.reduce((sum, { duration }) => sum + duration, 0);
  const lags = arcs.reduce((sum, { least, most }) => sum + Math.max(0, least, most ?? 0), 0);
  return Math.max(0, ...windowEnds, ...tasks.map(({ notBefore }) => notBefore)) + work + lags;
}

function bestList(
  network: Network,
  heads: readonly number[],
  tails: readonly number[],
  bound: number,
  horizon: number,
  isOver: () => boolean,
): ListedStarts | undefined {
  // What makes machines keep one order is left to the search.
  if (network.group.some((each) => each >= 0)) return undefined;
  const { tasks, arcs } = network;
  const ranks: ((task: number) => number)[] = [
    (at) => at,
    (at) => -(tails[at] ?? 0) - (tasks[at] as Task).duration,
    (at) => (heads[at] ?? 0) - (tails[at] ?? 0),
    (at) => -(tails[at] ?? 0),
    (at) => heads[at] ?? 0,
  ];
  for (let seed = 1; seed <= shuffles; seed += 1) {
    const random = seeded(seed);
    const shares = tasks.map(() => random());
    ranks.push((at) => -(tails[at] ?? 0) * (0.5 + (shares[at] ?? 0)));
  }
  let best: ListedStarts | undefined;
  for (const rank of ranks) {
    if (best && (best.makespan <= bound || isOver())) break;
    const listed = listSchedule(network, arcs, heads, rank, horizon);
    if (listed && (!best || listed.makespan < best.makespan)) best = listed;
  }
  return best;
}

function placedBy(
  { activities }: ScheduleProblem,
  { tasks }: Network,
  starts: readonly number[],
): ReadonlyMap<string, Placed> {
  return new Map(
    activities.map(({ id }, at) => {
      const start = starts[at] ?? 0;
      return [id, { start, end: endOf(tasks[at] as Task, start) }];
    }),
  );
}

/** Activities that each have to end before the next starts, and the last before the first. */
function circleIn({ activities }: ScheduleProblem): ScheduleIssue | undefined {
  const before = new Map(activities.map(({ id, after }) => [id, after.map((lag) => lag.after)]));
  const state = new Map<string, 'open' | 'done'>();
  const path: string[] = [];
  const walk = (id: string): readonly string[] | undefined => {
    if (state.get(id) === 'done') return undefined;
    if (state.get(id) === 'open') return path.slice(path.indexOf(id));
    state.set(id, 'open');
    path.push(id);
    for (const each of before.get(id) ?? []) {
      const circle = walk(each);
      if (circle) return circle;
    }
    path.pop();
    state.set(id, 'done');
    return undefined;
  };
  for (const { id } of activities) {
    const circle = walk(id);
    if (circle) return { code: 'circle', activities: circle.toReversed() };
  }
  return undefined;
}

/** A problem of nothing but jobs that pass machines of one order one after the other; undefined where it is another. */
function flowShopOf(problem: ScheduleProblem):
  | {
      readonly times: readonly (readonly number[])[];
      readonly startsOf: (order: readonly number[]) => readonly number[];
    }
  | undefined {
  const { activities, resources, sameOrder = [] } = problem;
  const [machines, ...more] = sameOrder;
  if (!machines || more.length > 0 || resources.length !== machines.length) return undefined;
  if (resources.some(({ capacity, open }) => capacity !== 1 || open)) return undefined;
  const jobs = [...new Set(activities.map(({ job }) => job))];
  const at = new Map(
    activities.map(({ job, needs }, place) => [`${job} ${needs[0]?.resource}`, place]),
  );
  if (at.size !== activities.length || activities.length !== jobs.length * machines.length)
    return undefined;
  const isPlain = activities.every(({ job, needs, after, notBefore = 0 }) => {
    const [need, ...others] = needs;
    if (job === undefined || !need || others.length > 0 || notBefore > 0) return false;
    const before = machines.indexOf(need.resource) - 1;
    const [lag, ...rest] = after;
    if (before < 0) return after.length === 0;
    const earlier = activities[at.get(`${job} ${machines[before]}`) ?? -1];
    return (
      rest.length === 0 && lag?.after === earlier?.id && lag?.least === 0 && lag.most === undefined
    );
  });
  if (!isPlain) return undefined;
  const placeOf = (job: string | undefined, machine: string) => at.get(`${job} ${machine}`) ?? 0;
  const times = jobs.map((job) =>
    machines.map((machine) => activities[placeOf(job, machine)]?.duration ?? 0),
  );
  return {
    times,
    startsOf: (order) => {
      const starts = activities.map(() => 0);
      const ends = machines.map(() => 0);
      for (const job of order)
        for (const [m, machine] of machines.entries()) {
          const start = Math.max(ends[m] ?? 0, m > 0 ? (ends[m - 1] ?? 0) : 0);
          starts[placeOf(jobs[job], machine)] = start;
          ends[m] = start + (times[job]?.[m] ?? 0);
        }
      return starts;
    },
  };
}
