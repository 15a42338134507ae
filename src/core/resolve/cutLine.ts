import { isConvex } from '../outline/clipToConvex';
import { corners, type Outline, type Rect } from '../outline/outline';
import { turnShape } from '../outline/turnShape';
import { subtractLengths, zeroLength, type Size } from '../length/length';
import { findDieSet, findStamp, type Library } from '../plan/library';
import type { Paper } from '../plan/piece';
import type { ResolvedPiece } from './resolvedPiece';

/** What the line of a piece of paper is made from, beside its rule. */
export interface CutLineInput {
  readonly rect: Rect;
  /** As its rule gives it, before anything is cut off. */
  readonly uncut: Size;
  /** Of the card. */
  readonly face: Size;
  /** What it lies on: its box, and its line where it is a piece. */
  readonly under: { readonly rect: Rect; readonly outline?: Outline | undefined };
  readonly library: Library;
}

/** The line a piece is cut along: by a die or round a print, cut down, and cut off at an edge. */
export function cutLine(
  piece: Paper,
  { rect, uncut, face, under, library }: CutLineInput,
): Pick<ResolvedPiece, 'uncut' | 'clip' | 'shape' | 'stitch' | 'isJoined'> {
  const { size } = piece;
  const set = size.by === 'die' ? findDieSet(library, size.set) : undefined;
  return {
    uncut: uncutRect(rect, uncut, piece),
    clip: clipOf(piece, face, under),
    shape: shapeOf(piece, library),
    stitch: set?.stitch?.ticks,
    isJoined: set?.cuts === 'joined',
  };
}

function uncutRect(rect: Rect, uncut: Size, { crop }: Paper): Rect {
  if (!crop) return rect;
  return {
    x: subtractLengths(rect.x, crop.left.ticks),
    y: subtractLengths(rect.y, crop.top.ticks),
    width: uncut.width,
    height: uncut.height,
  };
}

/** The line along which a piece is cut off; a panel whose line turns in is taken for its box. */
function clipOf(
  { overhang }: Paper,
  face: Size,
  { rect, outline }: CutLineInput['under'],
): ResolvedPiece['clip'] {
  if (overhang === 'kept') return undefined;
  if (overhang === 'trimmed') return corners({ x: zeroLength, y: zeroLength, ...face });
  const [line] = outline ?? [];
  return line && isConvex(line) ? line : corners(rect);
}

/**
 * What the die cuts that a piece is sized by, turned as the die is; of what is cut round a print, its silhouette,
 * stretched to the size with its rim.
 */
function shapeOf({ size }: Paper, library: Library): ResolvedPiece['shape'] {
  if (size.by === 'stamp') return findStamp(library, size.stamp)?.shape;
  const shape = size.by === 'die' ? findDieSet(library, size.set)?.shape : undefined;
  return shape && size.by === 'die' && size.turned ? turnShape(shape) : shape;
}
