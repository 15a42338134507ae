import { meets } from '../outline/distance';
import { outlineOf } from './outlineOf';
import type { ResolvedCard } from './resolvedCard';
import type { ResolvedPiece } from './resolvedPiece';

/**
 * The papers that a piece lies over, in gluing order: what it is glued to, and what it crosses. A piece that is not among
 * the papers yet is glued after all of them.
 */
export function papersUnder(
  { pieces }: Pick<ResolvedCard, 'pieces'>,
  piece: ResolvedPiece,
): readonly ResolvedPiece[] {
  const at = pieces.findIndex(({ id }) => id === piece.id);
  const outline = outlineOf(piece);
  return (at < 0 ? pieces : pieces.slice(0, at)).filter(
    (other) => other.face === piece.face && meets(outlineOf(other), outline),
  );
}
