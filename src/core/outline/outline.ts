import type { Length, Size } from '../length/length';
import type { Point, Polygon } from '../geometry/flattenPath';

/**
 * Closed lines on a face, in ticks from its top left corner; inside and outside by the even-odd rule. Those
 * of a piece that is neither turned nor curved are exact, the others measured to the tick.
 */
export type Outline = readonly Polygon[];

/** Position and size on a face, from its top left corner as the face is read. */
export interface Rect extends Size {
  readonly x: Length;
  readonly y: Length;
}

/** The smallest upright box round an outline. */
export function boundsOf(outline: Outline): Bounds {
  let [x0, y0, x1, y1] = [Infinity, Infinity, -Infinity, -Infinity];
  for (const polygon of outline)
    for (const { x, y } of polygon) {
      x0 = Math.min(x0, x);
      y0 = Math.min(y0, y);
      x1 = Math.max(x1, x);
      y1 = Math.max(y1, y);
    }
  return { x0, y0, x1, y1 };
}

/** A box by its corners, in ticks. */
export interface Bounds {
  readonly x0: number;
  readonly y0: number;
  readonly x1: number;
  readonly y1: number;
}

/** Whether two boxes share more than an edge. */
export function boxesOverlap(a: Bounds, b: Bounds): boolean {
  return a.x0 < b.x1 && b.x0 < a.x1 && a.y0 < b.y1 && b.y0 < a.y1;
}

/** How far two boxes are apart; zero where they touch or overlap. */
export function boxGap(a: Bounds, b: Bounds): number {
  const across = Math.max(0, a.x0 - b.x1, b.x0 - a.x1);
  const down = Math.max(0, a.y0 - b.y1, b.y0 - a.y1);
  return Math.hypot(across, down);
}

/** A box as a polygon, its sides in ticks; clockwise from the top left. */
export function corners({
  x,
  y,
  width,
  height,
}: Readonly<Record<'x' | 'y' | 'width' | 'height', number>>): Polygon {
  return [
    { x, y },
    { x: x + width, y },
    { x: x + width, y: y + height },
    { x, y: y + height },
  ];
}

/** The corners of a box turned about its middle. */
export function turnedCorners(rect: Rect, turn: number): Polygon {
  const [polygon = []] = turned([corners(rect)], rect, turn);
  return polygon;
}

/** Turned clockwise, in degrees, about the middle of a box; rounded to the tick once. */
export function turned(outline: Outline, { x, y, width, height }: Rect, turn: number): Outline {
  if (turn === 0) return outline;
  const angle = (turn * Math.PI) / 180;
  const [cos, sin] = [Math.cos(angle), Math.sin(angle)];
  const middle = { x: x + width / 2, y: y + height / 2 };
  return outline.map((polygon) =>
    polygon.map((point) => {
      const [dx, dy] = [point.x - middle.x, point.y - middle.y];
      return rounded({ x: middle.x + dx * cos - dy * sin, y: middle.y + dx * sin + dy * cos });
    }),
  );
}

/** Moved by so many ticks. */
export function shiftedBy(outline: Outline, dx: number, dy: number): Outline {
  return outline.map((polygon) => polygon.map(({ x, y }) => ({ x: x + dx, y: y + dy })));
}

/** To the nearest tick. */
export const rounded = ({ x, y }: Point): Point => ({ x: Math.round(x), y: Math.round(y) });

/** Twice what a closed line encloses, in square units; negative where it runs the other way round. */
export function signedArea(polygon: Polygon): number {
  return polygon.reduce((sum, { x, y }, at) => {
    const next = polygon[(at + 1) % polygon.length] ?? { x, y };
    return sum + x * next.y - next.x * y;
  }, 0);
}
