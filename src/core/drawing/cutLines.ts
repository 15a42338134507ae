import Flatbush from 'flatbush';
import type { Point, Polygon } from '../geometry/flattenPath';
import { contains } from '../outline/distance';
import { boundsOf, type Outline } from '../outline/outline';
import type { Line, Shape } from './shape';

/** A line as a blade follows it. */
export interface CutLine {
  readonly points: readonly Point[];
  readonly isClosed: boolean;
}

/**
 * Closed lines in the order they are cut: what lies inside another before it, while it is still held, and no line
 * twice. Where two pieces share an edge, or a part of one, the second is left open there.
 * ```
 *   +-----+-----+        +-----+ -----+
 *   |     |     |   ->   |     |      |
 *   +-----+-----+        +-----+ -----+
 * ```
 */
export function cutLines(outline: Outline): readonly CutLine[] {
  const polygons = innerFirst(outline.filter((polygon) => polygon.length > 1));
  const split = splitAtCorners(polygons);
  const drawn = new Set<string>();
  return split.flatMap((polygon) => {
    const isNew = polygon.map((from, at) => {
      const to = polygon[(at + 1) % polygon.length] ?? from;
      const key = keyOf(from, to);
      const known = drawn.has(key);
      drawn.add(key);
      return !known;
    });
    return runsOf(polygon, isNew);
  });
}

/** Closed lines as shapes to be cut along. */
export function cutShapes(outline: Outline, line: Line): readonly Shape[] {
  return cutLines(outline).map(({ points, isClosed }): Shape =>
    isClosed ? { kind: 'outline', outline: [points], line } : { kind: 'line', points, line },
  );
}

/** Lines by how many of the others they lie inside, the deepest first. */
function innerFirst(polygons: Outline): Outline {
  const boxes = polygons.map((polygon) => boundsOf([polygon]));
  const depth = (polygon: Polygon) => {
    const [corner] = polygon;
    if (!corner) return 0;
    const { x, y } = corner;
    return polygons.filter((other, at) => {
      const box = boxes[at];
      const isNear = box && box.x0 <= x && x <= box.x1 && box.y0 <= y && y <= box.y1;
      return isNear && other !== polygon && contains([other], corner);
    }).length;
  };
  return polygons
    .map((polygon) => ({ polygon, depth: depth(polygon) }))
    .toSorted((a, b) => b.depth - a.depth)
    .map(({ polygon }) => polygon);
}

/** With a point wherever a corner of any lies on an edge, so that what is shared is an edge of both. */
function splitAtCorners(polygons: Outline): Outline {
  const corners = polygons.flat();
  if (corners.length === 0) return [];
  const index = new Flatbush(corners.length);
  for (const { x, y } of corners) index.add(x, y, x, y);
  index.finish();
  return polygons.map((polygon) =>
    polygon.flatMap((from, at) => {
      const to = polygon[(at + 1) % polygon.length] ?? from;
      const [dx, dy] = [to.x - from.x, to.y - from.y];
      const along = ({ x, y }: Point) => (x - from.x) * dx + (y - from.y) * dy;
      const within = index
        .search(
          Math.min(from.x, to.x),
          Math.min(from.y, to.y),
          Math.max(from.x, to.x),
          Math.max(from.y, to.y),
        )
        .flatMap((found) => corners[found] ?? [])
        .filter(
          (each) =>
            dx * (each.y - from.y) === dy * (each.x - from.x) &&
            along(each) > 0 &&
            along(each) < along(to),
        )
        .sort((a, b) => along(a) - along(b));
      return [
        from,
        ...within.filter((each, i) => i === 0 || along(each) !== along(within[i - 1] ?? each)),
      ];
    }),
  );
}

/** The stretches of new edges; all of it, closed, where every edge is new. */
function runsOf(polygon: Polygon, isNew: readonly boolean[]): readonly CutLine[] {
  const gap = isNew.indexOf(false);
  if (gap < 0) return [{ points: polygon, isClosed: true }];
  const runs: Point[][] = [];
  let run: Point[] | undefined;
  // From the first edge that is known already, once round.
  for (let step = 0; step < polygon.length; step++) {
    const at = (gap + step) % polygon.length;
    const [from, to] = [polygon[at], polygon[(at + 1) % polygon.length]];
    if (!isNew[at] || !from || !to) {
      run = undefined;
      continue;
    }
    if (!run) runs.push((run = [from]));
    run.push(to);
  }
  return runs.map((points) => ({ points, isClosed: false }));
}

function keyOf(a: Point, b: Point): string {
  const [from, to] = a.x < b.x || (a.x === b.x && a.y < b.y) ? [a, b] : [b, a];
  return `${from.x} ${from.y} ${to.x} ${to.y}`;
}
