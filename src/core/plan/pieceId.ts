import { idPattern } from './idPattern';
import type { PieceId } from './ids';

/**
 * A text as the id of a piece.
 * @throws {RangeError} where it is not lower-case letters, digits and hyphens, at most 40
 */
export function pieceIdFrom(text: string): PieceId {
  if (!idPattern.test(text)) throw new RangeError(`pieceIdFrom: ${JSON.stringify(text)}`);
  return text as PieceId;
}
