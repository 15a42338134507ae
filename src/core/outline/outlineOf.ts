import type { DieSet } from '../plan/libraryItem';
import type { Rect, ResolvedPiece } from '../resolve/resolvedCard';
import type { ResolvedMark } from '../resolve/resolvedMark';
import { clipToConvex } from './clipToConvex';
import { flattenPath, type Point, type Polygon } from './flattenPath';

/**
 * Closed lines on a face, in ticks from its top left corner; inside and outside by the even-odd rule. Those
 * of a piece that is neither turned nor curved are exact, the others measured to the tick.
 */
export type Outline = readonly Polygon[];

/** Anything that lies on a face. */
export type Placed = ResolvedPiece | ResolvedMark;

export function isMark(placed: Placed): placed is ResolvedMark {
  return 'whole' in placed;
}

/** What of the face a piece covers: its die's shape, its print, the ink of its words. */
export function outlineOf(placed: Placed): Outline {
  return isMark(placed) ? outlineOfMark(placed) : outlineOfPaper(placed);
}

/** The line of a piece of paper: cut by its die, cut down, turned, and cut off at the edge of card or panel. */
export function outlineOfPaper({
  rect,
  uncut,
  clip,
  shape,
  piece,
}: Pick<ResolvedPiece, 'rect' | 'uncut' | 'clip' | 'shape' | 'piece'>): Outline {
  const box = piece.isMirrored ? mirrored : straight;
  const whole = shape ? stretched(shape, uncut, box) : [corners(rect)];
  const cut = shape && piece.crop ? clipped(whole, corners(rect)) : whole;
  const laid = turned(cut, rect, piece.place.turn);
  return clip ? clipped(laid, clip) : laid;
}

function clipped(outline: Outline, line: Polygon): Outline {
  return outline
    .map((polygon) => clipToConvex(polygon, line))
    .filter((polygon) => polygon.length > 2);
}

function outlineOfMark({ rect, whole, stamp, words, piece }: ResolvedMark): Outline {
  const { turn } = piece.place;
  if (words) {
    // A line of words is taken for the box of its letters, as one keeps clear of it.
    const lines = words.lines.map(({ x, baseline, advance }) =>
      corners({
        x: whole.x + x,
        y: whole.y + baseline - words.em * aboveBaseline,
        width: advance,
        height: words.em * (aboveBaseline + belowBaseline),
      }),
    );
    const only = lines.length === 1 ? [corners(rect)] : lines;
    return turned(only, rect, turn);
  }
  if (piece.kind === 'dot') return [circle(rect)];
  const isWhole = rect.width === whole.width && rect.height === whole.height;
  return turned(
    stamp && isWhole ? stretched(stamp.shape, whole, straight) : [corners(rect)],
    rect,
    turn,
  );
}

/** How far letters reach above and below their line, in ems; capitals and descenders, about. */
const aboveBaseline = 0.7;
const belowBaseline = 0.2;

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

interface Box {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

export function corners({ x, y, width, height }: Box): Polygon {
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

/** Points round a dot; the chords stay within a hundredth of its radius. */
const roundness = 24;

function circle({ x, y, width }: Rect): Polygon {
  const radius = width / 2;
  return Array.from({ length: roundness }, (_, index) => {
    const angle = (index * 2 * Math.PI) / roundness;
    return rounded({
      x: x + radius + radius * Math.cos(angle),
      y: y + radius + radius * Math.sin(angle),
    });
  });
}

const straight = (part: number) => part;
const mirrored = (part: number) => 1 - part;

/** Flattened shapes by the shape they come from, since a library item never changes. */
const flattened = new WeakMap<object, Outline>();

function stretched(
  shape: NonNullable<DieSet['shape']>,
  { x, y, width, height }: Rect,
  across: (part: number) => number,
): Outline {
  let outline = flattened.get(shape);
  if (!outline) {
    outline = flattenPath(shape.outline);
    flattened.set(shape, outline);
  }
  const { box } = shape;
  return outline.map((polygon) =>
    polygon.map((point) =>
      rounded({
        x: x + across(point.x / box.width) * width,
        y: y + (point.y / box.height) * height,
      }),
    ),
  );
}

/** Turned clockwise, in degrees, about the middle of a box; rounded to the tick once. */
function turned(outline: Outline, { x, y, width, height }: Rect, turn: number): Outline {
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

const rounded = ({ x, y }: Point): Point => ({ x: Math.round(x), y: Math.round(y) });
