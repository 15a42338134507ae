import { subtractLengths, zeroLength } from '../../length/length';
import { letterOf, supportRect } from '../../resolve/resolvedCard';
import type { ResolvedPiece } from '../../resolve/resolvedPiece';
import type { Fold } from '../../paper/cardFormat';
import { isInside, scoreSides, sides, type Side } from '../../plan/faces';
import { isCutToShape } from '../../plan/pieces';
import { usualReveals } from '../../plan/usualReveals';
import { findOn, type Finding, type Rule } from '../finding';
import type { Remedy } from '../remedy';
import { evenReveals, insetBy, sizeEdit } from './sizeRemedy';

/**
 * A piece that sticks out over what it lies on. Touching the edge is not sticking out; a piece inside
 * that reaches over the score lies on the other leaf and is found there.
 */
export const largerThanSupport: Rule = {
  id: 'larger-than-support',
  find: ({ plan, card }) =>
    card.pieces.flatMap((piece): Finding[] => {
      const over = sides
        .filter((side) => piece.reveals[side] < 0 && !isOverScore(piece, side, plan.base.fold))
        .map((side) => ({ side, by: subtractLengths(zeroLength, piece.reveals[side]) }));
      // A die cut may run off on purpose; what it does to the envelope is another finding.
      if (over.length === 0 || piece.shape) return [];
      const support = supportRect(card, piece.support);
      const reveal = usualReveals(plan.habits).everyday;
      const size = insetBy(support, reveal.ticks);
      const remedy: Remedy = {
        id: 'everyday-border',
        size,
        reveals: evenReveals(reveal.ticks),
        edit: sizeEdit(piece, { by: 'reveal', all: reveal }),
      };
      const supportLetter = letterOf(card, piece.support);
      return [
        findOn(
          piece,
          'stop',
          { rule: 'larger-than-support', supportLetter, over },
          isCutToShape(piece.piece.size) || size.width <= 0 || size.height <= 0 ? [] : [remedy],
        ),
      ];
    }),
};

function isOverScore({ support, face }: ResolvedPiece, side: Side, fold: Fold): boolean {
  return support === 'base' && isInside(face) && scoreSides(face, fold).includes(side);
}
