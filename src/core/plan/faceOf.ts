import type { FaceId } from './faces';
import type { PieceId } from './ids';
import type { Piece } from './piece';
import type { Plan } from './plan';

/** The face a piece is on in the end. */
export function faceOf(plan: Plan, id: PieceId): FaceId {
  let current = plan.pieces.find((piece) => piece.id === id);
  for (let steps = 0; current && steps <= plan.pieces.length; steps++) {
    const { on }: Piece = current;
    if ('face' in on) return on.face;
    current = plan.pieces.find((piece) => piece.id === on.piece);
  }
  return 'front';
}
