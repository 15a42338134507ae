import { kindOf } from '../kinds/kinds';
import { corners, turned, type Outline } from '../outline/outline';
import { clipped, stretched } from '../outline/stretched';
import type { ResolvedPiece } from './resolvedPiece';
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
  const whole = shape ? stretched(shape, uncut, piece.isMirrored) : [corners(rect)];
  const cut = shape && piece.crop ? clipped(whole, corners(rect)) : whole;
  const laid = turned(cut, rect, piece.place.turn);
  return clip ? clipped(laid, clip) : laid;
}

function outlineOfMark(mark: ResolvedMark): Outline {
  return turned(kindOf(mark.piece).outline(mark), mark.rect, mark.piece.place.turn);
}
