import { dealKeys } from './orderKeys';
import type { Piece } from './piece';
import type { Plan } from './plan';

/** The plan with these pieces in this order instead of its own, their keys dealt anew. */
export function withPieces<P extends Plan>(plan: P, pieces: readonly Piece[]): P {
  return { ...plan, pieces: dealKeys(pieces) };
}
