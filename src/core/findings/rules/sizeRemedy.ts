import { subtractLengths, timesLength, type Length, type Size } from '../../length/length';
import { asTyped } from '../../length/typedLength';
import type { Edit } from '../../plan/edit';
import type { SizeRule } from '../../plan/piece';
import { centred, isCutToShape } from '../../plan/pieces';
import { centredReveals } from '../../resolve/centredReveals';
import type { ResolvedPiece } from '../../resolve/resolvedPiece';
import type { Reveals } from '../../resolve/origins';
import type { Remedy, SizeRemedyId } from '../remedy';
import { changePiece } from '../../plan/pieceEdits';

/** A size smaller by the same border all round; may come out zero or negative. */
export function insetBy({ width, height }: Size, reveal: Length): Size {
  const both = timesLength(reveal, 2);
  return { width: subtractLengths(width, both), height: subtractLengths(height, both) };
}

/** Gives a piece a size and centres it. */
export function sizeEdit({ piece }: ResolvedPiece, size: SizeRule): Edit {
  return changePiece(piece, { size, place: centred });
}

export function evenReveals(all: Length): Reveals {
  return { left: all, top: all, right: all, bottom: all };
}

/**
 * A remedy that gives a piece this size, centred. Where the border comes out the same all round the
 * rule stays 'by reveal', so that the piece follows when its support changes.
 */
export function resizeRemedy(
  id: SizeRemedyId,
  piece: ResolvedPiece,
  size: Size,
  support: Size,
): Remedy {
  const reveals = centredReveals(support, size);
  const { left, top, right, bottom } = reveals;
  const rule: SizeRule =
    left === right && top === bottom && left === top && left >= 0
      ? { by: 'reveal', all: asTyped(left) }
      : { by: 'measure', width: asTyped(size.width), height: asTyped(size.height) };
  return { id, size, reveals, edit: sizeEdit(piece, rule) };
}

/** The same where it can be cut: none for what a die or scissors cut, nor where nothing would be left. */
export function resizeRemedies(
  id: SizeRemedyId,
  piece: ResolvedPiece,
  size: Size,
  support: Size,
): readonly Remedy[] {
  const isCut = !isCutToShape(piece.piece.size) && size.width > 0 && size.height > 0;
  return isCut ? [resizeRemedy(id, piece, size, support)] : [];
}
