import { sumLengths } from '../../length/length';
import type { ResolvedPiece } from '../../resolve/resolvedPiece';
import type { Rect } from '../../outline/outline';
import { findOnPair, type Finding, type Rule } from '../finding';
import { deed } from '../remedy';
import { changePiece } from '../../plan/pieceEdits';

/** A layer that one piece on its face covers whole, so that it is cut and glued and never seen. */
export const hiddenLayer: Rule = {
  id: 'hidden-layer',
  find: ({ card }) =>
    card.pieces.flatMap((piece, index): Finding[] => {
      const cover = card.pieces
        .slice(index + 1)
        .find(
          (above) => above.face === piece.face && isPlain(above) && covers(above.rect, piece.rect),
        );
      if (!cover) return [];
      const remove = changePiece(piece.piece, { isOff: true });
      return [
        findOnPair(piece, cover, 'look', { rule: 'hidden-layer' }, [deed('turn-off', remove)]),
      ];
    }),
};

/** What a die cut of a shape covers is not its whole box. */
const isPlain = ({ shape, piece }: ResolvedPiece) => !shape && piece.place.turn === 0;

/** Touching edges cover: nothing of the lower one shows. */
function covers(over: Rect, under: Rect): boolean {
  return (
    over.x <= under.x &&
    over.y <= under.y &&
    sumLengths(over.x, over.width) >= sumLengths(under.x, under.width) &&
    sumLengths(over.y, over.height) >= sumLengths(under.y, under.height)
  );
}
