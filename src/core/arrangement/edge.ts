import type { Point } from '../geometry/flattenPath';

/** A straight edge between two whole points, and the outlines whose line it is, ascending: an odd number of times each. */
export interface Edge {
  readonly a: Point;
  readonly b: Point;
  readonly owners: readonly number[];
}

/**
 * Twice the area of the triangle a, b, c: positive where c lies to the left of the way from a to b, if y ran upward.
 * Exact for whole coordinates within 2^25 of each other, two metres in ticks.
 */
export function side(a: Point, b: Point, c: Point): number {
  return (b.x - a.x) * (c.y - a.y) - (b.y - a.y) * (c.x - a.x);
}

export const isSamePoint = (a: Point, b: Point) => a.x === b.x && a.y === b.y;

/** Of two ascending lists, what is in one of them only. */
export function inOneOnly(a: readonly number[], b: readonly number[]): readonly number[] {
  if (a.length === 0) return b;
  if (b.length === 0) return a;
  const result: number[] = [];
  let [i, j] = [0, 0];
  while (i < a.length || j < b.length) {
    const [x, y] = [a[i] ?? Infinity, b[j] ?? Infinity];
    if (x <= y) i++;
    if (y <= x) j++;
    if (x !== y) result.push(Math.min(x, y));
  }
  return result;
}

/**
 * Edges with the same ends as one, and each end one object for all edges that meet there; those that belong to nothing any more, and those of no
 * length, are dropped.
 */
export function mergeEdges(edges: readonly Edge[]): readonly Edge[] {
  const merged = new Map<Point, Map<Point, Edge>>();
  const one = samePoints();
  for (const edge of edges) {
    if (isSamePoint(edge.a, edge.b)) continue;
    const isForward = edge.a.x < edge.b.x || (edge.a.x === edge.b.x && edge.a.y < edge.b.y);
    const [a, b] = isForward ? [one(edge.a), one(edge.b)] : [one(edge.b), one(edge.a)];
    const from = merged.get(a) ?? new Map<Point, Edge>();
    merged.set(a, from);
    const before = from.get(b);
    // An edge that stays as it is stays the same object.
    if (before) from.set(b, { a, b, owners: inOneOnly(before.owners, edge.owners) });
    else from.set(b, isForward && edge.a === a && edge.b === b ? edge : { ...edge, a, b });
  }
  return [...merged.values()].flatMap((from) =>
    [...from.values()].filter(({ owners }) => owners.length > 0),
  );
}

/** Gives the first of all points given that are in the same place. */
function samePoints(): (point: Point) => Point {
  const columns = new Map<number, Map<number, Point>>();
  return (point) => {
    let column = columns.get(point.x);
    if (!column) columns.set(point.x, (column = new Map()));
    const known = column.get(point.y);
    if (known) return known;
    column.set(point.y, point);
    return point;
  };
}
