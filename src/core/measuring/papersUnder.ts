import { meets } from '../outline/distance';
import { outlineOf } from '../resolve/outlineOf';
import type { ResolvedCard } from '../resolve/resolvedCard';
import type { ResolvedPiece } from '../resolve/resolvedPiece';

/** The papers that a piece lies over, in gluing order: what it is glued to, and what it crosses. */
export function papersUnder(
  { pieces }: Pick<ResolvedCard, 'pieces'>,
  piece: ResolvedPiece,
): readonly ResolvedPiece[] {
  const outline = outlineOf(piece);
  return pieces
    .slice(
      0,
      pieces.findIndex(({ id }) => id === piece.id),
    )
    .filter((other) => other.face === piece.face && meets(outlineOf(other), outline));
}
