/** The fewest points that touch every line of a graph, and whether fewer is impossible. */
export interface Cover {
  /** In ascending order. */
  readonly members: readonly number[];
  /** No cover has fewer members than this. */
  readonly bound: number;
  readonly isProven: boolean;
}

/** So many branches at most are gone through for the fewest; a hundred images take some thousands (measured). */
const mostBranches = 300_000;
/** And so many more for the cheapest among as few: as many again would not be seen in the minutes of cutting. */
const mostForCost = 1500;

/**
 * The smallest set of points that has an end of every line in it, a minimum vertex cover, and then the one of least cost
 * among as small ones: the least there is where the graph is not of hundreds of points, else the least found in the time
 * that is left. By branch and bound on what is left out of it: the heaviest set of points no two of which are joined; first
 * with all points alike, which is told fast, then by their cost with that to be bettered. What is left falls into parts that are searched by themselves; points that are joined to one only, or to all
 * that another is joined to, are settled without branching; the bound is a greedy partition into points that are all
 * joined, of which at most one each can be left out.
 *
 * @param costs of each point, zero or more, in one unit
 * @param lines as pairs of places in `costs`
 * @returns not proven where the search was given up, which only graphs of hundreds of points bring about
 * @throws RangeError for a line to a point that is not there
 * @example fewestCover([1, 1, 1], [[0, 1], [1, 2]]) // { members: [1], bound: 1, isProven: true }
 */
export function fewestCover(
  costs: readonly number[],
  lines: readonly (readonly [number, number])[],
  branches = mostBranches,
): Cover {
  const count = costs.length;
  const joined = costs.map(() => noPoints(count));
  const free = allPoints(count);
  for (const [a, b] of lines) {
    const [one, other] = [joined[a], joined[b]];
    if (!one || !other) throw new RangeError(`fewestCover: there is no line from ${a} to ${b}`);
    // What is joined to itself is in every cover.
    if (a === b) drop(free, a);
    else {
      add(one, b);
      add(other, a);
    }
  }
  const parts = partsOf({ joined }, free);
  const alike: Search = { joined, weights: costs.map(() => 1), left: branches };
  const few = parts.map((part) => apartIn(alike, part, -1) ?? []);
  // One member more always weighs more than any difference in cost.
  const member = 1 + costs.reduce((sum, cost) => sum + cost, 0);
  const weights = costs.map((cost) => member + cost);
  const priced: Search = { joined, weights, left: Math.min(branches, mostForCost) };
  const cheap = (part: Points, found: readonly number[]) =>
    apartIn(priced, part, weightOf(priced, found)) ?? found;
  const areAlike = costs.every((cost) => cost === costs[0]);
  const apart = areAlike ? few : parts.map((part, at) => cheap(part, few[at] ?? []));
  const outside = new Set(apart.flat());
  const members = costs.map((_, at) => at).filter((at) => !outside.has(at));
  const isProven = alike.left > 0;
  const forced = count - countOf(free);
  const bound = isProven ? members.length : forced + matching(joined, free);
  return { members, bound, isProven };
}

interface Search {
  readonly joined: readonly Points[];
  readonly weights: readonly number[];
  /** Branches that may still be gone through. */
  left: number;
}

/** The heaviest of these points of which no two are joined, where it is heavier than a floor; undefined where none is. */
function apartIn(search: Search, part: Points, floor: number): readonly number[] | undefined {
  const { taken, rest } = settle(search, part);
  const sum = weightOf(search, taken);
  if (isEmpty(rest)) return sum > floor ? taken : undefined;
  if (sum + mostApart(search, rest) <= floor) return undefined;
  const parts = partsOf(search, rest);
  if (parts.length > 1) {
    const all = [...taken, ...parts.flatMap((each) => apartIn(search, each, -1) ?? [])];
    return weightOf(search, all) > floor ? all : undefined;
  }
  search.left -= 1;
  const middle = busiest(search, rest);
  const without = lessAll(rest, search.joined[middle]);
  drop(without, middle);
  const others = rest.slice();
  drop(others, middle);
  // Without the busiest first: what is found so is heavy, and cuts the rest short.
  const withoutIt = apartIn(search, others, floor - sum);
  const most = withoutIt ? sum + weightOf(search, withoutIt) : floor;
  const own = search.weights[middle] ?? 0;
  // Given up: what was found by then leaves a cover, though not proven to be the smallest.
  const withIt =
    search.left > 0 || !withoutIt ? apartIn(search, without, most - sum - own) : undefined;
  if (withIt) return [...taken, middle, ...withIt];
  return withoutIt ? [...taken, ...withoutIt] : undefined;
}

/** Points that can be taken without branching, until none is left that can, and what is left then. */
function settle({ joined, weights }: Search, points: Points) {
  const rest = points.slice();
  const taken: number[] = [];
  for (let changed = true; changed;) {
    changed = false;
    for (const point of membersOf(rest)) {
      if (!has(rest, point)) continue;
      const near = both(rest, joined[point]);
      const around = membersOf(near);
      const own = weights[point] ?? 0;
      // A neighbour that is joined to all that the point is joined to, and weighs no more, is not needed in its stead.
      for (const other of around) {
        if ((weights[other] ?? 0) > own || !isAllBut(near, joined[other], other)) continue;
        drop(rest, other);
        drop(near, other);
        changed = true;
      }
      if (!isEmpty(near)) continue;
      taken.push(point);
      drop(rest, point);
      changed = true;
    }
  }
  return { taken, rest };
}

/** Points that hang together by lines. */
function partsOf({ joined }: Pick<Search, 'joined'>, points: Points): readonly Points[] {
  const waiting = points.slice();
  const parts: Points[] = [];
  for (const start of membersOf(points)) {
    if (!has(waiting, start)) continue;
    const part = new Uint32Array(points.length);
    const next = [start];
    drop(waiting, start);
    for (let point = next.pop(); point !== undefined; point = next.pop()) {
      add(part, point);
      for (const other of membersOf(both(waiting, joined[point]))) {
        drop(waiting, other);
        next.push(other);
      }
    }
    parts.push(part);
  }
  return parts;
}

/** No set of points apart weighs more: of points that are all joined to one another, only one can be in it. */
function mostApart({ joined, weights }: Search, points: Points): number {
  const cliques: Points[] = [];
  let sum = 0;
  // The heaviest first, so that each adds to the sum by what it opens.
  const sorted = membersOf(points).sort((a, b) => (weights[b] ?? 0) - (weights[a] ?? 0));
  for (const point of sorted) {
    const own = joined[point];
    const clique = cliques.find((each) => isAllBut(each, own, point));
    if (clique) add(clique, point);
    else {
      const opened = new Uint32Array(points.length);
      add(opened, point);
      cliques.push(opened);
      sum += weights[point] ?? 0;
    }
  }
  return sum;
}

function busiest({ joined }: Search, points: Points): number {
  let [best, most] = [-1, -1];
  for (const point of membersOf(points)) {
    const count = countOf(both(points, joined[point]));
    if (count > most) [best, most] = [point, count];
  }
  return best;
}

const weightOf = ({ weights }: Search, points: readonly number[]) =>
  points.reduce((sum, point) => sum + (weights[point] ?? 0), 0);

/** Lines without a common end, found greedily: every cover has an end of each. */
function matching(joined: readonly Points[], points: Points): number {
  const waiting = points.slice();
  let count = 0;
  for (const point of membersOf(points)) {
    if (!has(waiting, point)) continue;
    const [other] = membersOf(both(waiting, joined[point]));
    if (other === undefined) continue;
    drop(waiting, point);
    drop(waiting, other);
    count += 1;
  }
  return count;
}

/** A set of points, a bit for each: the searches go through hundreds of thousands of them (measured ten times as fast as sets). */
type Points = Uint32Array;

const noPoints = (count: number): Points => new Uint32Array(Math.ceil(count / 32));

function allPoints(count: number): Points {
  const all = noPoints(count);
  for (let point = 0; point < count; point++) add(all, point);
  return all;
}

function add(points: Points, point: number): void {
  points[point >>> 5] = (points[point >>> 5] ?? 0) | (1 << (point & 31));
}

function drop(points: Points, point: number): void {
  points[point >>> 5] = (points[point >>> 5] ?? 0) & ~(1 << (point & 31));
}

const has = (points: Points, point: number) =>
  ((points[point >>> 5] ?? 0) & (1 << (point & 31))) !== 0;

const isEmpty = (points: Points) => points.every((word) => word === 0);

function both(a: Points, b: Points | undefined): Points {
  const points = new Uint32Array(a.length);
  for (let at = 0; at < a.length; at++) points[at] = (a[at] ?? 0) & (b?.[at] ?? 0);
  return points;
}

function lessAll(a: Points, b: Points | undefined): Points {
  const points = new Uint32Array(a.length);
  for (let at = 0; at < a.length; at++) points[at] = (a[at] ?? 0) & ~(b?.[at] ?? 0);
  return points;
}

/** Whether all of a set are in another, one point not counted. */
function isAllBut(points: Points, others: Points | undefined, but: number): boolean {
  for (let at = 0; at < points.length; at++) {
    const own = at === but >>> 5 ? ~(1 << (but & 31)) : -1;
    if (((points[at] ?? 0) & own & ~(others?.[at] ?? 0)) !== 0) return false;
  }
  return true;
}

function countOf(points: Points): number {
  let count = 0;
  for (let word of points) for (; word !== 0; word &= word - 1) count += 1;
  return count;
}

function membersOf(points: Points): number[] {
  const members: number[] = [];
  for (let at = 0; at < points.length; at++)
    for (let word = points[at] ?? 0; word !== 0; word &= word - 1)
      members.push(at * 32 + 31 - Math.clz32(word & -word));
  return members;
}
