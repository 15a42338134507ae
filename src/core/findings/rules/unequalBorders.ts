import type { Size } from '../../length/length';
import { isCutToShape } from '../../plan/pieces';
import { letterOf, piecesOn, supportRect } from '../../resolve/resolvedCard';
import type { ResolvedPiece } from '../../resolve/resolvedPiece';
import type { Rect } from '../../outline/outline';
import { isSameBorder } from '../../tolerances';
import { findOn, type Finding, type Rule } from '../finding';
import type { Remedy } from '../remedy';
import { insetBy, resizeRemedies } from './sizeRemedy';

/**
 * A centred piece whose border at the sides is not the border at top and bottom.
 * Borders typed side by side, or a place measured from an edge, are meant and not found;
 * nor is the odd half tick that centring leaves. Where several pieces lie side by side on one support,
 * what shows between them is no border, and what a die or scissors cut, or a small piece of its own size in the
 * middle of a large one, has none either.
 */
export const unequalBorders: Rule = {
  id: 'unequal-borders',
  find: ({ card }) =>
    card.pieces.flatMap((piece): Finding[] => {
      const { left, top, right, bottom } = piece.reveals;
      const isCentred = piece.origins.x.kind === 'centred' && piece.origins.y.kind === 'centred';
      const overhangs = Math.min(left, top, right, bottom) < 0;
      const isAlone = piecesOn(card, piece.support, piece.face).length === 1;
      if (!isCentred || !isAlone || overhangs || isSameBorder(left, top)) return [];
      if (isCutToShape(piece.piece.size) || isSmallOn(piece, supportRect(card, piece.support)))
        return [];
      const supportLetter = letterOf(card, piece.support);
      return [
        findOn(
          piece,
          'look',
          { rule: 'unequal-borders', supportLetter, reveals: piece.reveals },
          evenings(piece, supportRect(card, piece.support)),
        ),
      ];
    }),
};

/** Of its own size, and covering less than half of what it lies on. */
function isSmallOn({ piece, rect }: ResolvedPiece, under: Size): boolean {
  return piece.size.by === 'measure' && 2 * rect.width * rect.height < under.width * under.height;
}

/** The two sizes that even the border: at the figure of the sides, or of top and bottom. */
function evenings(piece: ResolvedPiece, support: Rect): readonly Remedy[] {
  const { left, top } = piece.reveals;
  return [
    ...resizeRemedies('as-sides', piece, insetBy(support, left), support),
    ...resizeRemedies('as-ends', piece, insetBy(support, top), support),
  ];
}
