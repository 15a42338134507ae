import { endOf, raiseStarts, type Arc, type Network, type Task } from './network';
import { fitStart } from './windows';

/** Tasks one after the other as one lists them, each at the earliest its lags and resources allow. */
export interface ListedStarts {
  readonly starts: readonly number[];
  readonly makespan: number;
}

/** So often what comes before is moved later for a most lag, until a list is given up. */
const mostRepairs = 60;

/**
 * Serial schedule generation (Kelley 1963): of those whose predecessors are placed, the one of the least rank is placed
 * next, where it fits first. Where that is too late for a most lag, what came before is started later and all is done
 * anew. Undefined where that leads nowhere before `horizon`.
 * @param heads the least starts by the lags alone
 * @param rank of each task; ties are broken by their place
 */
export function listSchedule(
  network: Network,
  arcs: readonly Arc[],
  heads: readonly number[],
  rank: (task: number) => number,
  horizon: number,
): ListedStarts | undefined {
  const into = arcsInto(network, arcs);
  const order = orderBy(network.tasks, into, rank);
  if (!order) return undefined;
  const least = [...heads];
  for (let repairs = 0; repairs <= mostRepairs; repairs += 1) {
    const starts = placeAll(network, into, order, least, horizon);
    if (!starts) return undefined;
    const late = latePair(network, arcs, starts);
    if (!late) {
      const makespan = starts.reduce(
        (last, start, at) => Math.max(last, endOf(network.tasks[at] as Task, start)),
        0,
      );
      return { starts, makespan };
    }
    least[late.task] = late.start;
    if (!raiseStarts(network, arcs, least, horizon)) return undefined;
  }
  return undefined;
}

/** The order tasks are placed in; undefined where least lags go in a circle. */
function orderBy(
  tasks: readonly Task[],
  into: readonly (readonly Arc[])[],
  rank: (task: number) => number,
): readonly number[] | undefined {
  const ranks = tasks.map((_, at) => rank(at));
  const isPlaced = tasks.map(() => false);
  const order: number[] = [];
  while (order.length < tasks.length) {
    let best = -1;
    for (let at = 0; at < tasks.length; at += 1) {
      if (isPlaced[at] || into[at]?.some(({ from }) => !isPlaced[from])) continue;
      if (best < 0 || (ranks[at] ?? 0) < (ranks[best] ?? 0)) best = at;
    }
    if (best < 0) return undefined;
    isPlaced[best] = true;
    order.push(best);
  }
  return order;
}

function placeAll(
  network: Network,
  into: readonly (readonly Arc[])[],
  order: readonly number[],
  least: readonly number[],
  horizon: number,
): number[] | undefined {
  const { tasks } = network;
  const starts = tasks.map(() => 0);
  const busy = network.resources.map((): Busy[] => []);
  for (const at of order) {
    const task = tasks[at] as Task;
    let earliest = least[at] ?? 0;
    for (const { from, least: lag } of into[at] ?? [])
      earliest = Math.max(earliest, endOf(tasks[from] as Task, starts[from] ?? 0) + lag);
    const start = firstFree(network, task, busy, earliest);
    const end = endOf(task, start);
    if (!(end <= horizon)) return undefined;
    starts[at] = start;
    for (const { resource, amount } of task.needs) busy[resource]?.push({ start, end, amount });
  }
  return starts;
}

interface Busy {
  readonly start: number;
  readonly end: number;
  readonly amount: number;
}

/** The first start at which the resources of a task are free from its start to its end. */
function firstFree(
  { resources }: Network,
  task: Task,
  busy: readonly (readonly Busy[])[],
  earliest: number,
): number {
  for (let from = earliest; ;) {
    const start = fitStart(task.windows, from, task.duration, task.mayPause);
    if (start === Infinity) return Infinity;
    const end = endOf(task, start);
    const next = task.needs.reduce(
      (latest, { resource, amount }) =>
        Math.max(
          latest,
          freeFrom(busy[resource] ?? [], start, end, (resources[resource]?.capacity ?? 0) - amount),
        ),
      -Infinity,
    );
    if (next === -Infinity) return start;
    from = next;
  }
}

/** When it may be tried again where more than `free` is taken at one moment of a span; -Infinity where it is not. */
function freeFrom(busy: readonly Busy[], start: number, end: number, free: number): number {
  const during = busy.filter((each) => each.start < end && each.end > start);
  const moments = [start, ...during.map((each) => each.start).filter((at) => at > start)];
  let next = -Infinity;
  for (const moment of moments) {
    const there = during.filter((each) => each.start <= moment && each.end > moment);
    const taken = there.reduce((sum, { amount }) => sum + amount, 0);
    if (taken > free) next = Math.max(next, Math.min(...there.map((each) => each.end)));
  }
  return next;
}

/** A task that another follows later than it may, and the start that would mend it. */
function latePair(
  { tasks }: Network,
  arcs: readonly Arc[],
  starts: readonly number[],
): { readonly task: number; readonly start: number } | undefined {
  for (const { from, to, most } of arcs) {
    if (most === undefined) continue;
    const task = tasks[from] as Task;
    const late = (starts[to] ?? 0) - endOf(task, starts[from] ?? 0) - most;
    if (late > 0) return { task: from, start: (starts[from] ?? 0) + late };
  }
  return undefined;
}

function arcsInto({ tasks }: Network, arcs: readonly Arc[]): readonly (readonly Arc[])[] {
  const into = tasks.map((): Arc[] => []);
  for (const arc of arcs) into[arc.to]?.push(arc);
  return into;
}
