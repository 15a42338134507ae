import type { Point, Polygon } from '../geometry/flattenPath';
import { boundsOf, boxesOverlap, boxGap, type Bounds, type Outline } from './outline';

/** How near two outlines come, and where; zero where they touch or overlap. */
export interface Nearest {
  /** Ticks. */
  readonly distance: number;
  readonly from: Point;
  readonly to: Point;
}

/**
 * The shortest way between two outlines, by every edge of the one against every corner of the other. Pairs
 * whose boxes are further apart than the best found are passed over.
 */
export function nearestBetween(a: Outline, b: Outline): Nearest {
  const inside = a[0]?.[0];
  const other = b[0]?.[0];
  if (inside && other) {
    if (contains(b, inside)) return { distance: 0, from: inside, to: inside };
    if (contains(a, other)) return { distance: 0, from: other, to: other };
  }
  let best: Nearest = { distance: Infinity, from: { x: 0, y: 0 }, to: { x: 0, y: 0 } };
  const boxes = b.map((two) => boundsOf([two]));
  for (const one of a) {
    const own = boundsOf([one]);
    for (const [at, two] of b.entries()) {
      const box = boxes[at];
      if (box && boxGap(own, box) >= best.distance) continue;
      best = nearer(best, fromCorners(one, two));
      best = nearer(best, turnedRound(fromCorners(two, one)));
      if (crosses(one, two)) return { ...best, distance: 0 };
    }
  }
  return best;
}

/** Whether two outlines touch or overlap; boxes that are apart are told at once. */
export function touches(a: Outline, b: Outline): boolean {
  if (boxGap(boundsOf(a), boundsOf(b)) > 0) return false;
  return (
    hasPartIn(a, b) || hasPartIn(b, a) || a.some((one) => b.some((two) => linesTouch(one, two)))
  );
}

/** Whether a line of an outline begins inside another: where no lines meet, it lies there with all of its points. */
function hasPartIn(part: Outline, whole: Outline): boolean {
  return part.some(([first]) => first !== undefined && contains(whole, first));
}

/** Whether two closed lines share a point; edges outside the box of the other line are passed over. */
function linesTouch(one: Polygon, two: Polygon): boolean {
  const [own, others] = [boundsOf([one]), boundsOf([two])];
  if (boxGap(own, others) > 0) return false;
  const near = edgesWithin(two, own);
  return edgesWithin(one, others).some(([a, b]) => near.some(([c, d]) => edgesTouch(a, b, c, d)));
}

function edgesWithin(polygon: Polygon, box: Bounds): readonly Edge[] {
  return [...edgesOf(polygon)].filter(([a, b]) => boxGap(boxOf(a, b), box) === 0);
}

/** Whether two edges share a point, be it an end; all figures are whole ticks, so this is exact. */
function edgesTouch(a: Point, b: Point, c: Point, d: Point): boolean {
  return (
    boxGap(boxOf(a, b), boxOf(c, d)) === 0 &&
    sideOf(a, b, c) * sideOf(a, b, d) <= 0 &&
    sideOf(c, d, a) * sideOf(c, d, b) <= 0
  );
}

/** The bounds of an edge; by `boundsOf` all looking over takes twice as long (measured). */
function boxOf(a: Point, b: Point): Bounds {
  return {
    x0: Math.min(a.x, b.x),
    y0: Math.min(a.y, b.y),
    x1: Math.max(a.x, b.x),
    y1: Math.max(a.y, b.y),
  };
}

/** On which side of the way from a to b a point lies: -1, 1, or 0 on its line. */
const sideOf = (a: Point, b: Point, { x, y }: Point): number =>
  Math.sign((b.x - a.x) * (y - a.y) - (b.y - a.y) * (x - a.x));

/** Whether two outlines touch, and their boxes share more than an edge: what lies side by side does not meet. */
export function meets(a: Outline, b: Outline): boolean {
  return boxesOverlap(boundsOf(a), boundsOf(b)) && touches(a, b);
}

/** Whether a point lies inside an outline, by the even-odd rule; on its line counts as either. */
export function contains(outline: Outline, { x, y }: Point): boolean {
  let isInside = false;
  for (const polygon of outline) {
    let a = polygon.at(-1);
    for (const b of polygon) {
      if (a && a.y > y !== b.y > y && x < ((b.x - a.x) * (y - a.y)) / (b.y - a.y) + a.x)
        isInside = !isInside;
      a = b;
    }
  }
  return isInside;
}

/** From a point to the nearest line of an outline, in ticks, be it inside or outside. */
export function distanceToLines(point: Point, outline: Outline): number {
  return Math.min(...outline.map((polygon) => fromCorners([point], polygon).distance));
}

/** Whether a point is no further from a line of an outline than so far, in ticks. */
export function isNearLines({ x, y }: Point, outline: Outline, far: number): boolean {
  const square = far ** 2;
  return outline.some((polygon) => {
    let a = polygon.at(-1);
    // Written out: thousands of lines are gone through for one mask (edges as pairs take four times as long, measured).
    for (const b of polygon) {
      if (a) {
        const [dx, dy] = [b.x - a.x, b.y - a.y];
        const along = ((x - a.x) * dx + (y - a.y) * dy) / (dx * dx + dy * dy || 1);
        const share = Math.min(1, Math.max(0, along));
        if ((a.x + share * dx - x) ** 2 + (a.y + share * dy - y) ** 2 <= square) return true;
      }
      a = b;
    }
    return false;
  });
}

/** Whether all of an outline lies inside another: its corners do, and no line of the one crosses the other's. */
export function isWithin(inner: Outline, outer: Outline): boolean {
  return (
    inner.every((polygon) => polygon.every((point) => contains(outer, point))) &&
    !inner.some((one) => outer.some((two) => crosses(one, two)))
  );
}

/** The shortest way between two closed lines in ticks, wherever they lie; what is inside does not count. */
export function lineDistance(one: Polygon, two: Polygon): number {
  return Math.min(fromCorners(one, two).distance, fromCorners(two, one).distance);
}

function fromCorners(from: Polygon, to: Polygon): Nearest {
  let best: Nearest = { distance: Infinity, from: { x: 0, y: 0 }, to: { x: 0, y: 0 } };
  for (const corner of from)
    for (const [a, b] of edgesOf(to)) {
      const foot = nearestOnEdge(corner, a, b);
      const distance = Math.hypot(foot.x - corner.x, foot.y - corner.y);
      if (distance < best.distance) best = { distance, from: corner, to: foot };
    }
  return best;
}

function nearestOnEdge({ x, y }: Point, a: Point, b: Point): Point {
  const [dx, dy] = [b.x - a.x, b.y - a.y];
  const squared = dx * dx + dy * dy;
  const along = squared === 0 ? 0 : ((x - a.x) * dx + (y - a.y) * dy) / squared;
  const part = Math.max(0, Math.min(1, along));
  return { x: a.x + part * dx, y: a.y + part * dy };
}

function crosses(one: Polygon, two: Polygon): boolean {
  for (const [a, b] of edgesOf(one))
    for (const [c, d] of edgesOf(two))
      if (sideOf(a, b, c) * sideOf(a, b, d) < 0 && sideOf(c, d, a) * sideOf(c, d, b) < 0)
        return true;
  return false;
}

type Edge = readonly [Point, Point];

function* edgesOf(polygon: Polygon): Generator<Edge> {
  let last = polygon.at(-1);
  for (const point of polygon) {
    if (last) yield [last, point];
    last = point;
  }
}

const nearer = (a: Nearest, b: Nearest) => (b.distance < a.distance ? b : a);
const turnedRound = ({ distance, from, to }: Nearest): Nearest => ({
  distance,
  from: to,
  to: from,
});
