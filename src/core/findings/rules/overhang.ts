import { boundsOf } from '../../outline/outline';
import { outlineOf } from '../../resolve/outlineOf';
import { lengthFromTicks, type Length } from '../../length/length';
import type { Side } from '../../plan/faces';
import type { ResolvedCard } from '../../resolve/resolvedCard';
import type { ResolvedPiece } from '../../resolve/resolvedPiece';
import { findOn, type Finding, type Rule } from '../finding';
import { deed } from '../remedy';
import { changePiece } from '../../plan/pieceEdits';

/**
 * A die cut that reaches beyond the card on purpose or not: the envelope bends it, unless it is trimmed. A
 * plain panel that sticks out is found as larger than its support.
 */
export const overhang: Rule = {
  id: 'overhang',
  find: ({ card }) =>
    card.pieces.flatMap((piece): Finding[] => {
      if (!piece.shape || piece.piece.overhang !== 'kept') return [];
      const [over] = beyond(card, piece);
      if (!over) return [];
      return [
        findOn(piece, 'look', { rule: 'overhang', ...over }, [
          deed('trim', changePiece(piece.piece, { overhang: 'trimmed' })),
        ]),
      ];
    }),
};

/** The sides of the card it reaches over, the furthest first. */
function beyond(
  { base }: ResolvedCard,
  piece: ResolvedPiece,
): readonly { readonly side: Side; readonly by: Length }[] {
  const { x0, y0, x1, y1 } = boundsOf(outlineOf(piece));
  const { width, height } = base.face;
  const over: readonly (readonly [Side, number])[] = [
    ['left', -x0],
    ['top', -y0],
    ['right', x1 - width],
    ['bottom', y1 - height],
  ];
  return over
    .filter(([, by]) => by > 0)
    .map(([side, by]) => ({ side, by: lengthFromTicks(Math.round(by)) }))
    .toSorted((a, b) => b.by - a.by);
}
