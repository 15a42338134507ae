import type { Point, Way } from '../geometry/flattenPath';
import { boundsOf, rounded, type Outline } from '../outline/outline';
import { isSamePoint, type Edge } from './edge';
import { splitAtCrossings } from './splitAtCrossings';
import { traceEnclosed } from './traceFaces';

/** A line that is drawn, in any units. */
export interface DrawnWay extends Way {
  readonly halfWidth: number;
}

/** Whole steps the larger side of a drawing is reckoned in. */
const steps = 16_384;

/**
 * The areas that drawn lines enclose, to the middle of the lines, row by row from the top left. Ends that lead nowhere
 * enclose nothing; where one ends so near to another line that no more than `gap` is left between them, it is taken to
 * meet it.
 * ```
 *   +-----+--+
 *   |     |  |      two areas; the end that stands free in the left one does not part it,
 *   |  -- |  |      and the gap in the right one is closed where it is narrow enough
 *   +-----+-
 * ```
 * @param gap in the units of the lines
 */
export function enclosedBy(ways: readonly DrawnWay[], gap: number): readonly Outline[] {
  const { x0, y0, x1, y1 } = boundsOf(ways.map(({ points }) => points));
  const scale = steps / Math.max(x1 - x0, y1 - y0);
  if (!Number.isFinite(scale)) return [];
  const inSteps = ways.map(({ points, isClosed, halfWidth }) => {
    const whole = points.map(({ x, y }) => rounded({ x: x * scale, y: y * scale }));
    return { points: withoutRepeats(whole), isClosed, halfWidth: halfWidth * scale };
  });
  const lines = inSteps.flatMap(segmentsOf);
  const bridges = inSteps.flatMap((way) => bridgesOf(way, lines, gap * scale));
  // Each of its own, so that a line drawn twice stays.
  const edges = [...lines, ...bridges].map(({ a, b }, owner): Edge => ({ a, b, owners: [owner] }));
  const widest = Math.max(...inSteps.map(({ halfWidth }) => 2 * halfWidth));
  return traceEnclosed(splitAtCrossings(edges))
    .filter(({ area }) => area > widest ** 2)
    .map(({ rings }) => rings)
    .toSorted(byRows)
    .map((rings) => rings.map((ring) => ring.map(({ x, y }) => ({ x: x / scale, y: y / scale }))));
}

/** A straight part of a line, and how far along its line it begins. */
interface Segment {
  readonly a: Point;
  readonly b: Point;
  readonly way: DrawnWay;
  readonly along: number;
}

function segmentsOf(way: DrawnWay): readonly Segment[] {
  const { points, isClosed } = way;
  const ends = isClosed ? [...points.slice(1), ...points.slice(0, 1)] : points.slice(1);
  let along = 0;
  return ends.map((b, index) => {
    const a = points[index] ?? b;
    const segment = { a, b, way, along };
    along += distance(a, b);
    return segment;
  });
}

/** From each free end of a line to the nearest other line that it nearly reaches. */
function bridgesOf(
  way: DrawnWay,
  lines: readonly Segment[],
  gap: number,
): readonly Pick<Edge, 'a' | 'b'>[] {
  const { points, isClosed } = way;
  if (isClosed || points.length < 2) return [];
  const length = points.slice(1).reduce((sum, b, at) => sum + distance(points[at] ?? b, b), 0);
  return [points, points.toReversed()].flatMap((from, index) => {
    const [end, next] = from;
    if (!end || !next) return [];
    let nearest: { readonly at: Point; readonly far: number } | undefined;
    for (const line of lines) {
      const reach = gap + way.halfWidth + line.way.halfWidth;
      // Not to the piece of its own line that it is the end of.
      if (line.way === way) {
        const near = index === 0 ? line.along : length - line.along - distance(line.a, line.b);
        if (near < 2 * reach) continue;
      }
      const at = nearestOn(line, end);
      const far = distance(at, end);
      if (far <= reach && (!nearest || far < nearest.far)) nearest = { at, far };
    }
    if (!nearest) return [];
    // A little past it, so that they cross in whole steps.
    const to = nearest.far >= 1 ? nearest.at : { x: 2 * end.x - next.x, y: 2 * end.y - next.y };
    const far = distance(to, end);
    const past = nearest.far >= 1 ? (far + 3) / far : 3 / far;
    return [
      {
        a: end,
        b: rounded({ x: end.x + (to.x - end.x) * past, y: end.y + (to.y - end.y) * past }),
      },
    ];
  });
}

function nearestOn({ a, b }: Pick<Edge, 'a' | 'b'>, { x, y }: Point): Point {
  const [dx, dy] = [b.x - a.x, b.y - a.y];
  const squared = dx * dx + dy * dy;
  const part = squared === 0 ? 0 : ((x - a.x) * dx + (y - a.y) * dy) / squared;
  const within = Math.min(1, Math.max(0, part));
  return { x: a.x + dx * within, y: a.y + dy * within };
}

const distance = (a: Point, b: Point) => Math.hypot(a.x - b.x, a.y - b.y);

function withoutRepeats(points: readonly Point[]): readonly Point[] {
  return points.filter((point, at) => {
    const before = points[at - 1];
    return !before || !isSamePoint(point, before);
  });
}

/** Areas whose middles are within a sixteenth of the drawing of each other stand in one row. */
function byRows(one: Outline, two: Outline): number {
  const [a, b] = [middleOf(one), middleOf(two)];
  const [rowA, rowB] = [Math.floor((a.y * 16) / steps), Math.floor((b.y * 16) / steps)];
  return rowA - rowB || a.x - b.x || a.y - b.y;
}

function middleOf(outline: Outline): Point {
  const { x0, y0, x1, y1 } = boundsOf(outline);
  return { x: (x0 + x1) / 2, y: (y0 + y1) / 2 };
}
