import type { ScheduleIssue, ScheduleProblem, Window } from './scheduleProblem';
import { allTime, endFrom, fitStart, intersectWindows, joinWindows } from './windows';

/** One activity by numbers; lags are told by the place of the other in the list. */
export interface Task {
  readonly duration: number;
  readonly notBefore: number;
  readonly mayPause: boolean;
  /** When all its resources are there. */
  readonly windows: readonly Window[];
  /** By the place of the resource. */
  readonly needs: readonly { readonly resource: number; readonly amount: number }[];
  readonly job: string | undefined;
}

/** Starts at least so long after the end of another; or, for `most`, ends no longer than so before the other starts. */
export interface Arc {
  readonly from: number;
  readonly to: number;
  readonly least: number;
  readonly most: number | undefined;
}

/** A problem by numbers, which what solves it reads. */
export interface Network {
  readonly tasks: readonly Task[];
  readonly arcs: readonly Arc[];
  readonly resources: readonly { readonly capacity: number; readonly windows: readonly Window[] }[];
  /** By resource, the tasks that need it. */
  readonly users: readonly (readonly number[])[];
  /** By resource, the group of those that take the jobs in one order; -1 for none. */
  readonly group: readonly number[];
}

/** @throws RangeError where the problem names what it does not have */
export function networkOf(problem: ScheduleProblem): Network | ScheduleIssue {
  const { activities, resources, sameOrder = [] } = problem;
  const place = placesOf(activities, 'activity');
  const resourceAt = placesOf(resources, 'resource');
  const open = resources.map((each) => (each.open ? joinWindows(each.open) : allTime));
  const tasks: Task[] = [];
  for (const { id, duration, needs, notBefore, mayPause, job } of activities) {
    const own = needs
      .filter(({ amount }) => amount > 0)
      .map(({ resource, amount }) => ({ resource: resourceAt(resource), amount }));
    for (const { resource, amount } of own) {
      const { id: name, capacity } = resources[resource] as (typeof resources)[number];
      if (amount > capacity) return { code: 'too-much', activity: id, resource: name };
    }
    const windows = own.reduce<readonly Window[]>(
      (both, { resource }) => intersectWindows(both, open[resource] ?? allTime),
      allTime,
    );
    const task: Task = {
      ...{ duration, windows, needs: own, job },
      notBefore: notBefore ?? 0,
      mayPause: mayPause ?? false,
    };
    if (fitStart(windows, task.notBefore, duration, task.mayPause) === Infinity)
      return { code: 'no-window', activity: id };
    tasks.push(task);
  }
  const arcs = activities.flatMap(({ after }, to) =>
    after.map(({ after: from, least, most }) => ({ from: place(from), to, least, most })),
  );
  return {
    tasks,
    arcs,
    resources: resources.map(({ capacity }, at) => ({ capacity, windows: open[at] ?? allTime })),
    users: resources.map((_, at) =>
      tasks.flatMap(({ needs }, task) =>
        needs.some(({ resource }) => resource === at) ? [task] : [],
      ),
    ),
    group: resources.map(({ id }) => sameOrder.findIndex((ids) => ids.includes(id))),
  };
}

export function isIssue(made: Network | ScheduleIssue): made is ScheduleIssue {
  return 'code' in made;
}

/** When a task that starts then is over. */
export function endOf({ windows, duration, mayPause }: Task, start: number): number {
  return mayPause ? endFrom(windows, start, duration) : start + duration;
}

/**
 * Raises starts until each keeps all lags and lies in a window: the least such starts that are no earlier than those
 * given. False where there are none before `horizon`. Every arc is monotone, so the order it is done in does not matter.
 * @param starts changed in place, one for each task
 */
export function raiseStarts(
  { tasks }: Pick<Network, 'tasks'>,
  arcs: readonly Arc[],
  starts: number[],
  horizon: number,
): boolean {
  const settle = (at: number, earliest: number): boolean => {
    const task = tasks[at] as Task;
    const start = fitStart(task.windows, earliest, task.duration, task.mayPause);
    starts[at] = start;
    return start < Infinity && endOf(task, start) <= horizon;
  };
  for (let at = 0; at < tasks.length; at += 1)
    if (!settle(at, Math.max(starts[at] ?? 0, (tasks[at] as Task).notBefore))) return false;
  for (let isRaised = true; isRaised;) {
    isRaised = false;
    for (const { from, to, least, most } of arcs) {
      const [before, after] = [starts[from] ?? 0, starts[to] ?? 0];
      const end = endOf(tasks[from] as Task, before);
      if (after < end + least) {
        if (!settle(to, end + least)) return false;
        isRaised = true;
      }
      if (most !== undefined && end + most < (starts[to] ?? 0)) {
        if (!settle(from, (starts[to] ?? 0) - most - (tasks[from] as Task).duration)) return false;
        isRaised = true;
      }
    }
  }
  return true;
}

/**
 * From the end of each task to the last end at the least: the longest way through the lags, whatever the windows. Most
 * lags are left out, and a circle of positive length must not be among the arcs.
 */
export function tailsOf({ tasks }: Pick<Network, 'tasks'>, arcs: readonly Arc[]): number[] {
  const tails = tasks.map(() => 0);
  for (let isRaised = true; isRaised;) {
    isRaised = false;
    for (const { from, to, least } of arcs) {
      const tail = least + (tasks[to] as Task).duration + (tails[to] ?? 0);
      if (tail > (tails[from] ?? 0)) {
        tails[from] = tail;
        isRaised = true;
      }
    }
  }
  return tails;
}

function placesOf(
  things: readonly { readonly id: string }[],
  what: string,
): (id: string) => number {
  const places = new Map(things.map(({ id }, at) => [id, at]));
  if (places.size < things.length) throw new RangeError(`networkOf: two of one ${what} id`);
  return (id) => {
    const at = places.get(id);
    if (at === undefined) throw new RangeError(`networkOf: expected a known ${what}, got ${id}`);
    return at;
  };
}
