import { clipToConvex } from '../outline/clipToConvex';
import { flattenPath, type Polygon } from '../geometry/flattenPath';
import { corners, rounded, turned, type Outline, type Rect } from '../outline/outline';
import type { DieSet } from '../plan/libraryItem';
import type { ResolvedPiece } from './resolvedCard';
import type { ResolvedMark } from './resolvedMark';

/** Anything that lies on a face. */
export type Placed = ResolvedPiece | ResolvedMark;

export function isMark(placed: Placed): placed is ResolvedMark {
  return 'whole' in placed;
}

/** Outlines by what they are of, since figures once resolved never change. */
const known = new WeakMap<Placed, Outline>();

/** What of the face a piece covers: its die's shape, its print as far as it is not masked off, the ink of its words. */
export function outlineOf(placed: Placed): Outline {
  const before = known.get(placed);
  if (before) return before;
  const outline = isMark(placed) ? outlineOfMark(placed) : outlineOfPaper(placed);
  known.set(placed, outline);
  return outline;
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
      }).map(rounded),
    );
    const only = lines.length === 1 ? [corners(rect)] : lines;
    return turned(only, rect, turn);
  }
  if (piece.kind === 'dot') return [circle(rect)];
  if (!stamp) return turned([corners(rect)], rect, turn);
  const isWhole = rect.width === whole.width && rect.height === whole.height;
  const print = stretched(stamp.shape, whole, straight);
  return turned(isWhole ? print : clipped(print, corners(rect)), rect, turn);
}

/** How far letters reach above and below their line, in ems; capitals and descenders, about. */
const aboveBaseline = 0.7;
const belowBaseline = 0.2;

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
