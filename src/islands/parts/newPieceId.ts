import type { PieceId } from '../../core/plan/ids';
import { pieceIdFrom } from '../../core/plan/pieceId';

/** An id no piece has; the core knows no chance, so the page makes it. */
export function newPieceId(): PieceId {
  return pieceIdFrom(`p-${crypto.randomUUID().slice(0, 8)}`);
}
