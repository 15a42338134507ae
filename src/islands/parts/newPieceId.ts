import type { PieceId } from '../../core/plan/ids';

/** An id no piece has; the core knows no chance, so the page makes it. */
export function newPieceId(): PieceId {
  return `p-${crypto.randomUUID().slice(0, 8)}` as PieceId;
}
