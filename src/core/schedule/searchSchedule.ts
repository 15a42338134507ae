import { lowerBound } from './bounds';
import { endOf, raiseStarts, tailsOf, type Arc, type Network, type Task } from './network';
import { fitStart } from './windows';

export interface SearchResult {
  /** Undefined where none is better than what was known. */
  readonly starts: readonly number[] | undefined;
  /** No schedule ends earlier. */
  readonly bound: number;
  readonly isWhole: boolean;
}

/**
 * The schedule that ends first, by branch and bound. Each task starts as its lags allow; where a resource is then short, or
 * machines take jobs in two orders, one of the tasks at fault is put after another (De Reyck and Herroelen 1998), and
 * pairs of which only one order is still good enough are ordered without trying (Carlier and Pinson 1989).
 * @param best the end that is known; only earlier ones are looked for
 * @param isOver asked at each node
 */
export function searchSchedule(
  network: Network,
  heads: readonly number[],
  best: number,
  isOver: () => boolean,
): SearchResult {
  const { tasks } = network;
  const pairs = rivalPairs(network);
  let found: readonly number[] | undefined;
  let least = best;
  let open = Infinity;
  let isCut = false;
  visit(network.arcs, heads, 0);
  return { starts: found, bound: isCut ? Math.min(least, open) : least, isWhole: !isCut };

  function visit(given: readonly Arc[], from: readonly number[], known: number): void {
    if (isCut || isOver()) {
      isCut = true;
      open = Math.min(open, known);
      return;
    }
    const node = settle(given, from);
    if (!node) return;
    const { arcs, starts, bound } = node;
    const fault = faultOf(network, starts);
    if (fault.length === 0) {
      least = starts.reduce(
        (last, start, at) => Math.max(last, endOf(tasks[at] as Task, start)),
        0,
      );
      found = starts;
      return;
    }
    const children = fault
      .flatMap(([before, after]) => {
        const more = orderArcs(network, before, after);
        const next = [...starts];
        const longer = [...arcs, ...more];
        return raiseStarts(network, longer, next, least - 1) ? [{ arcs: longer, next, more }] : [];
      })
      .map((child) => {
        const own = lowerBound(network, child.next, tailsOf(network, child.arcs));
        return { ...child, bound: Math.max(bound, own) };
      })
      .toSorted((a, b) => a.bound - b.bound);
    for (const child of children)
      if (child.bound < least) visit(child.arcs, child.next, child.bound);
  }

  /** Orders what can only be in one order; undefined where nothing good enough is left. */
  function settle(given: readonly Arc[], from: readonly number[]) {
    const arcs = [...given];
    const starts = [...from];
    for (;;) {
      if (!raiseStarts(network, arcs, starts, least - 1)) return undefined;
      const tails = tailsOf(network, arcs);
      const bound = lowerBound(network, starts, tails);
      if (bound >= least) return undefined;
      const before = arcs.length;
      for (const [one, two] of pairs) {
        const isFirst = mayPrecede(one, two, starts, tails);
        const isSecond = mayPrecede(two, one, starts, tails);
        if (!isFirst && !isSecond) return undefined;
        if (isFirst === isSecond) continue;
        const [a, b] = isFirst ? [one, two] : [two, one];
        if (endOf(tasks[a] as Task, starts[a] ?? 0) > (starts[b] ?? 0))
          arcs.push(...orderArcs(network, a, b));
      }
      if (arcs.length === before) return { arcs, starts, bound };
    }
  }

  function mayPrecede(
    one: number,
    two: number,
    starts: readonly number[],
    tails: readonly number[],
  ): boolean {
    const [before, after] = [tasks[one] as Task, tasks[two] as Task];
    const earliest = Math.max(endOf(before, starts[one] ?? 0), starts[two] ?? 0);
    const start = fitStart(after.windows, earliest, after.duration, after.mayPause);
    return endOf(after, start) + (tails[two] ?? 0) < least;
  }
}

/** Tasks that are never done at once. */
function rivalPairs({ tasks, users, resources }: Network): readonly (readonly [number, number])[] {
  const seen = new Set<number>();
  return users.flatMap((own, resource) =>
    own.flatMap((one, at) =>
      own.slice(at + 1).flatMap((two): (readonly [number, number])[] => {
        const key = one * tasks.length + two;
        const taken =
          amountOf(tasks[one] as Task, resource) + amountOf(tasks[two] as Task, resource);
        const isRival = taken > (resources[resource]?.capacity ?? 0) && !seen.has(key);
        const lasts = (tasks[one] as Task).duration > 0 && (tasks[two] as Task).duration > 0;
        if (!isRival || !lasts) return [];
        seen.add(key);
        return [[one, two]];
      }),
    ),
  );
}

function amountOf({ needs }: Task, resource: number): number {
  return needs.find((each) => each.resource === resource)?.amount ?? 0;
}

/** One after the other; of jobs whose machines keep one order, on all of these. */
function orderArcs(network: Network, before: number, after: number): readonly Arc[] {
  const { tasks, users, group } = network;
  const arc = (from: number, to: number): Arc => ({ from, to, least: 0, most: undefined });
  const [a, b] = [tasks[before] as Task, tasks[after] as Task];
  const groups = new Set(
    a.needs.flatMap(({ resource }) => ((group[resource] ?? -1) >= 0 ? [group[resource]] : [])),
  );
  if (groups.size === 0 || a.job === undefined || b.job === undefined || a.job === b.job)
    return [arc(before, after)];
  const own = users.flatMap((tasksOf, resource) => {
    if (!groups.has(group[resource])) return [];
    const ofJob = (job: string) => tasksOf.filter((task) => tasks[task]?.job === job);
    return ofJob(a.job ?? '').flatMap((one) => ofJob(b.job ?? '').map((two) => arc(one, two)));
  });
  return [arc(before, after), ...own];
}

/**
 * What is wrong first with these starts, as the orders that may mend it: of tasks that take too much of a resource
 * together each before each other, or of two jobs that two machines take in different orders each before the other.
 */
function faultOf(
  network: Network,
  starts: readonly number[],
): readonly (readonly [number, number])[] {
  const { tasks, users, resources } = network;
  let fault: readonly number[] = [];
  let moment = Infinity;
  for (const [resource, own] of users.entries()) {
    const capacity = resources[resource]?.capacity ?? 0;
    for (const task of own) {
      const start = starts[task] ?? 0;
      if (start >= moment) continue;
      const there = own.filter(
        (each) =>
          (starts[each] ?? 0) <= start && endOf(tasks[each] as Task, starts[each] ?? 0) > start,
      );
      const few = leastOverfull(there, (each) => amountOf(tasks[each] as Task, resource), capacity);
      if (few.length > 0) [fault, moment] = [few, start];
    }
  }
  if (fault.length > 0)
    return fault.flatMap((one) =>
      fault.flatMap((two): (readonly [number, number])[] => (one === two ? [] : [[one, two]])),
    );
  return twoOrders(network, starts);
}

/** The fewest of them, those that take most, that take too much together; none where all of them do not. */
function leastOverfull(
  tasks: readonly number[],
  amount: (task: number) => number,
  capacity: number,
): readonly number[] {
  const few: number[] = [];
  let taken = 0;
  for (const task of tasks.toSorted((a, b) => amount(b) - amount(a))) {
    if (taken > capacity) break;
    few.push(task);
    taken += amount(task);
  }
  return taken > capacity ? few : [];
}

function twoOrders(
  { tasks, users, group }: Network,
  starts: readonly number[],
): readonly (readonly [number, number])[] {
  const first = new Map<string, readonly [number, number]>();
  for (const [resource, own] of users.entries()) {
    if ((group[resource] ?? -1) < 0) continue;
    for (const [at, one] of own.entries())
      for (const two of own.slice(at + 1)) {
        const [a, b] = [tasks[one]?.job, tasks[two]?.job];
        if (a === undefined || b === undefined || a === b) continue;
        const isAs = (starts[one] ?? 0) < (starts[two] ?? 0);
        const [early, late] = isAs ? [one, two] : [two, one];
        const [jobEarly, jobLate] = isAs ? [a, b] : [b, a];
        const other = first.get(`${group[resource]} ${jobLate} ${jobEarly}`);
        if (other) return [[early, late], other];
        first.set(`${group[resource]} ${jobEarly} ${jobLate}`, [early, late]);
      }
  }
  return [];
}
