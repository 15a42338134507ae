import type { PieceId } from './ids';

/** What every id of a document looks like. */
export const idPattern = /^[a-z0-9][a-z0-9-]{0,39}$/;

/**
 * A text as the id of a piece.
 * @throws {RangeError} where it is not lower-case letters, digits and hyphens, at most 40
 */
export function pieceIdFrom(text: string): PieceId {
  if (!idPattern.test(text)) throw new RangeError(`pieceIdFrom: ${JSON.stringify(text)}`);
  return text as PieceId;
}
