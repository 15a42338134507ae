import { sharedOutline } from '../arrangement/joinOutlines';
import { kindOf } from '../kinds/kinds';
import { sameSize, type Size } from '../length/length';
import { corners, turned, type Outline, type Rect } from '../outline/outline';
import { clipped, stretched } from '../outline/stretched';
import type { Piece } from '../plan/piece';
import { sameJson } from '../plan/sameJson';
import type { ResolvedPiece } from './resolvedPiece';
import type { ResolvedMark } from './resolvedMark';

/** Anything that lies on a face. */
export type Placed = ResolvedPiece | ResolvedMark;

export function isMark(placed: Placed): placed is ResolvedMark {
  return 'whole' in placed;
}

/** The outlines of what is placed, whose figures never change. */
const known = new WeakMap<Placed, Outline>();
/** The last outline of each piece of a plan, and what it was made from. */
const last = new WeakMap<Piece, { readonly placed: Placed; readonly outline: Outline }>();

/**
 * What of the face a piece covers: its die's shape, its print as far as it is not masked off and within its strips, the ink of its words. A
 * piece that lies as before has the same object for it, so that what is reckoned from outlines can be kept.
 */
export function outlineOf(placed: Placed): Outline {
  const found = known.get(placed);
  if (found) return found;
  const before = last.get(placed.piece);
  const outline =
    before && hasSameOutline(before.placed, placed)
      ? before.outline
      : isMark(placed)
        ? outlineOfMark(placed)
        : outlineOfPaper(placed);
  known.set(placed, outline);
  last.set(placed.piece, { placed, outline });
  return outline;
}

/** Of the same piece, resolved twice. */
function hasSameOutline(a: Placed, b: Placed): boolean {
  if (!sameRect(a.rect, b.rect)) return false;
  if (isMark(a))
    return (
      isMark(b) &&
      sameRect(a.whole, b.whole) &&
      a.stamp === b.stamp &&
      a.stencil === b.stencil &&
      a.within === b.within &&
      sameJson(a.words, b.words)
    );
  return (
    !isMark(b) && sameRect(a.uncut, b.uncut) && a.shape === b.shape && sameJson(a.clip, b.clip)
  );
}

export function sameRect(a: Rect, b: Rect): boolean {
  return a.x === b.x && a.y === b.y && sameSize(a, b);
}

/** The outlines of faces by their size. */
const faces = new Map<string, Outline>();

/** The outline of a face of the base; the same object for each size, so that what is reckoned from it can be kept. */
export function outlineOfBase({ face }: { readonly face: Size }): Outline {
  const key = `${face.width} ${face.height}`;
  const outline = faces.get(key) ?? [corners({ x: 0, y: 0, ...face })];
  faces.set(key, outline);
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
  const whole = turned(kindOf(mark.piece).outline(mark), mark.rect, mark.piece.place.turn);
  return mark.within ? sharedOutline(whole, mark.within) : whole;
}
