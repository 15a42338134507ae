import type { LibraryId } from '../plan/ids';
import type { ResolvedMark } from '../resolve/resolvedMark';
import type { Print } from './print';

/** Prints of the same stamp in the same version and part are covered by one mask. */
export function stampKey({ piece, whole, rect }: ResolvedMark): string | undefined {
  if (piece.kind !== 'image') return undefined;
  const { stamp, place } = piece;
  const part = [rect.x - whole.x, rect.y - whole.y, rect.width, rect.height];
  // A mask is a piece of paper: it lies turned as the print does.
  return [stamp.id, stamp.version, ...(place.turn % 360 === 0 ? [] : ['turned']), ...part].join(
    ' ',
  );
}

/** The stamp of a print by its key; undefined for one that has none. */
export function stampOf({ stamp }: Pick<Print, 'stamp'>): LibraryId | undefined {
  return stamp?.split(' ')[0] as LibraryId | undefined;
}
