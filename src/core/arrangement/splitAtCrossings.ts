import Flatbush from 'flatbush';
import type { Point } from '../geometry/flattenPath';
import { isSamePoint, mergeEdges, side, type Edge } from './edge';

/**
 * The same lines as edges that meet at their ends only. A crossing goes to the nearest whole point, and both edges bend
 * there by less than one; where that makes them cross another, they are split once more, until nothing does.
 * ```
 *   a     d             a     d
 *     \ /                 \ /
 *     / \        ->        p          two edges become four
 *   c     b             c /  \ b
 * ```
 * Whether an edge belongs to an outline an odd or even number of times is kept throughout, so each outline still
 * closes, and what is inside it is told as before but for the tick that its line moved.
 * @throws Error where points are not whole, which never come to rest.
 */
export function splitAtCrossings(lines: readonly Edge[]): readonly Edge[] {
  let edges = mergeEdges(lines);
  let isFresh: (edge: Edge) => boolean = () => true;
  for (let round = 0; round < mostRounds; round++) {
    const cuts = crossings(edges, isFresh);
    if (cuts.size === 0) return edges;
    const fresh = new Set<Edge>();
    const known = new Set(edges);
    edges = mergeEdges(
      edges.flatMap((edge) => {
        const points = cuts.get(edge);
        return points ? cutUp(edge, points) : [edge];
      }),
    );
    for (const edge of edges) if (!known.has(edge)) fresh.add(edge);
    isFresh = (edge) => fresh.has(edge);
  }
  throw new Error(`splitAtCrossings: expected whole points, got no rest in ${mostRounds} rounds`);
}

/** Whole lines come to rest in three or four. */
const mostRounds = 100;

/** Where edges are to be cut, for every pair of which one is fresh. */
function crossings(
  edges: readonly Edge[],
  isFresh: (edge: Edge) => boolean,
): ReadonlyMap<Edge, readonly Point[]> {
  const cuts = new Map<Edge, Point[]>();
  if (edges.length === 0) return cuts;
  const cut = (edge: Edge, at: Point) => {
    if (isSamePoint(at, edge.a) || isSamePoint(at, edge.b)) return;
    const before = cuts.get(edge);
    if (before) before.push(at);
    else cuts.set(edge, [at]);
  };
  const index = new Flatbush(edges.length);
  for (const { a, b } of edges) index.add(a.x, Math.min(a.y, b.y), b.x, Math.max(a.y, b.y));
  index.finish();
  edges.forEach((one, at) => {
    if (!isFresh(one)) return;
    const { a, b } = one;
    const near = index.search(a.x, Math.min(a.y, b.y), b.x, Math.max(a.y, b.y));
    for (const other of near) {
      const two = edges[other];
      // Of two fresh edges the pair is looked at once.
      if (!two || other === at || (other < at && isFresh(two))) continue;
      cutWhereTheyMeet(one, two, cut);
    }
  });
  return cuts;
}

function cutWhereTheyMeet(one: Edge, two: Edge, cut: (edge: Edge, at: Point) => void): void {
  const [c, d] = [side(one.a, one.b, two.a), side(one.a, one.b, two.b)];
  if ((c > 0 && d > 0) || (c < 0 && d < 0)) return;
  const [a, b] = [side(two.a, two.b, one.a), side(two.a, two.b, one.b)];
  if ((a > 0 && b > 0) || (a < 0 && b < 0)) return;
  if (a !== 0 && b !== 0 && c !== 0 && d !== 0) {
    const part = a / (a - b);
    const at = {
      x: Math.round(one.a.x + (one.b.x - one.a.x) * part),
      y: Math.round(one.a.y + (one.b.y - one.a.y) * part),
    };
    cut(one, at);
    cut(two, at);
    return;
  }
  // An end of the one lies on the line of the other: it counts where it lies between its ends.
  if (c === 0 && isBetween(two.a, one)) cut(one, two.a);
  if (d === 0 && isBetween(two.b, one)) cut(one, two.b);
  if (a === 0 && isBetween(one.a, two)) cut(two, one.a);
  if (b === 0 && isBetween(one.b, two)) cut(two, one.b);
}

/** Whether a point on the line of an edge lies within its box. */
function isBetween({ x, y }: Point, { a, b }: Edge): boolean {
  return a.x <= x && x <= b.x && Math.min(a.y, b.y) <= y && y <= Math.max(a.y, b.y);
}

function cutUp({ a, b, owners }: Edge, points: readonly Point[]): readonly Edge[] {
  const along = ({ x, y }: Point) => (x - a.x) * (b.x - a.x) + (y - a.y) * (b.y - a.y);
  const stops = [a, ...points.toSorted((p, q) => along(p) - along(q)), b];
  return stops.slice(1).map((to, index) => ({ a: stops[index] ?? a, b: to, owners }));
}
