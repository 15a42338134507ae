/** Jobs that pass the same machines one after the other, which all take them in one order. */
export interface FlowShop {
  /** By job, by machine. */
  readonly times: readonly (readonly number[])[];
}

export interface FlowOrder {
  /** The jobs by their place in the problem. */
  readonly order: readonly number[];
  readonly makespan: number;
  readonly bound: number;
  readonly isProven: boolean;
}

/**
 * The order of the jobs that ends first. Begins with the insertion of Nawaz, Enscore and Ham (1983), then branches from the
 * front and bounds by each machine and by each pair of them with the rule of Johnson (1954), as Lageweg, Lenstra and
 * Rinnooy Kan (1978) do.
 * @param isOver asked now and then; the best so far is given where it says so
 */
export function orderFlowShop({ times }: FlowShop, isOver: () => boolean): FlowOrder {
  const jobs = times.map((_, job) => job);
  const machines = times[0]?.length ?? 0;
  if (jobs.length === 0 || machines === 0)
    return { order: jobs, makespan: 0, bound: 0, isProven: true };
  const pairs = johnsonPairs(times, machines);
  const after = jobs.map((job) =>
    Array.from({ length: machines }, (_, m) => sum(times[job] ?? [], m + 1)),
  );
  let order = insertJobs(times);
  let best = lastEnd(times, order);
  const front = Array.from({ length: machines }, () => 0);
  const root = boundOf(front, jobs);
  let isCut = false;
  let looked = 0;
  branch([], jobs, front);
  return { order, makespan: best, bound: isCut ? Math.min(root, best) : best, isProven: !isCut };

  function branch(done: readonly number[], left: readonly number[], ends: readonly number[]): void {
    if (best <= root || isCut) return;
    looked += 1;
    if (looked % 256 === 0 && isOver()) {
      isCut = true;
      return;
    }
    if (left.length === 0) {
      const end = ends[machines - 1] ?? 0;
      if (end < best) [best, order] = [end, done];
      return;
    }
    const children = left
      .map((job) => {
        const next = pass(times[job] ?? [], ends);
        const rest = left.filter((each) => each !== job);
        return { job, next, rest, bound: boundOf(next, rest) };
      })
      .filter(({ bound }) => bound < best)
      .toSorted((a, b) => a.bound - b.bound);
    for (const { job, next, rest, bound } of children)
      if (bound < best) branch([...done, job], rest, next);
  }

  function boundOf(ends: readonly number[], left: readonly number[]): number {
    if (left.length === 0) return ends[machines - 1] ?? 0;
    let bound = 0;
    const isLeft = new Set(left);
    for (let m = 0; m < machines; m += 1) {
      const work = left.reduce((all, job) => all + (times[job]?.[m] ?? 0), ends[m] ?? 0);
      bound = Math.max(bound, work + leastAfter(left, m));
    }
    for (const { first, second, order: by, lags } of pairs) {
      let [one, two] = [ends[first] ?? 0, ends[second] ?? 0];
      for (const job of by) {
        if (!isLeft.has(job)) continue;
        one += times[job]?.[first] ?? 0;
        two = Math.max(two, one + (lags[job] ?? 0)) + (times[job]?.[second] ?? 0);
      }
      bound = Math.max(bound, two + leastAfter(left, second));
    }
    return bound;
  }

  function leastAfter(left: readonly number[], machine: number): number {
    return Math.min(...left.map((job) => after[job]?.[machine] ?? 0));
  }
}

/** When each machine is done with one more job. */
function pass(times: readonly number[], ends: readonly number[]): readonly number[] {
  const next: number[] = [];
  for (let m = 0; m < times.length; m += 1)
    next.push(Math.max(ends[m] ?? 0, next[m - 1] ?? 0) + (times[m] ?? 0));
  return next;
}

function lastEnd(times: FlowShop['times'], order: readonly number[]): number {
  const ends = order.reduce<readonly number[]>((done, job) => pass(times[job] ?? [], done), []);
  return ends.at(-1) ?? 0;
}

/** Jobs of the most work first, each put where it lengthens the whole the least. */
function insertJobs(times: FlowShop['times']): readonly number[] {
  const byWork = times
    .map((own, job) => ({ job, work: sum(own, 0) }))
    .toSorted((a, b) => b.work - a.work);
  return byWork.reduce<readonly number[]>((order, { job }) => {
    const tried = Array.from({ length: order.length + 1 }, (_, at) => order.toSpliced(at, 0, job));
    return tried.reduce((a, b) => (lastEnd(times, b) < lastEnd(times, a) ? b : a));
  }, []);
}

interface JohnsonPair {
  readonly first: number;
  readonly second: number;
  /** The jobs in Johnson's order for the two, what lies between taken for a lag. */
  readonly order: readonly number[];
  readonly lags: readonly number[];
}

function johnsonPairs(times: FlowShop['times'], machines: number): readonly JohnsonPair[] {
  const pairs: JohnsonPair[] = [];
  for (let first = 0; first < machines; first += 1)
    for (let second = first + 1; second < machines; second += 1) {
      const lags = times.map((own) => sum(own.slice(0, second), first + 1));
      const keyed = times.map((own, job) => ({
        job,
        a: (own[first] ?? 0) + (lags[job] ?? 0),
        b: (own[second] ?? 0) + (lags[job] ?? 0),
      }));
      const early = keyed.filter(({ a, b }) => a <= b).toSorted((x, y) => x.a - y.a);
      const late = keyed.filter(({ a, b }) => a > b).toSorted((x, y) => y.b - x.b);
      pairs.push({ first, second, lags, order: [...early, ...late].map(({ job }) => job) });
    }
  return pairs;
}

function sum(values: readonly number[], from: number): number {
  return values.slice(from).reduce((all, each) => all + each, 0);
}
