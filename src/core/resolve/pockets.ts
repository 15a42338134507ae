import { meets } from '../outline/distance';
import { padsOf } from './bond';
import { outlineOf } from './outlineOf';
import type { ResolvedCard } from './resolvedCard';
import type { ResolvedPiece } from './resolvedPiece';
import { supportsUnder } from './supportsUnder';

/** Whether a piece is glued to nothing, stands on no spring and is no slider: it is put in, and may be taken out. */
export function isLoose(piece: ResolvedPiece): boolean {
  return padsOf(piece)?.length === 0 && piece.piece.motion === null;
}

/** The papers that hold a loose piece by lying over it, without lying on it. */
export function pocketsOver(
  card: Pick<ResolvedCard, 'pieces'>,
  piece: ResolvedPiece,
): readonly ResolvedPiece[] {
  return card.pieces
    .slice(card.pieces.indexOf(piece) + 1)
    .filter(
      (other) =>
        other.face === piece.face &&
        meets(outlineOf(other), outlineOf(piece)) &&
        !supportsUnder(card, other).includes(piece.id),
    );
}
