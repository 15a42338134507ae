import { subtractLengths, timesLength, zeroLength } from '../../length/length';
import { letterOf, supportRect } from '../../resolve/resolvedCard';
import { findOnPiece, type Finding, type Remedy, type Rule } from '../finding';
import { evenReveals, sizeEdit } from './sizeRemedy';

/** A piece that sticks out over what it lies on. Touching the edge is not sticking out. */
export const largerThanSupport: Rule = {
  id: 'larger-than-support',
  find: ({ plan, card }) =>
    card.pieces.flatMap((piece): Finding[] => {
      const sides = ['left', 'top', 'right', 'bottom'] as const;
      const over = sides
        .filter((side) => piece.reveals[side] < 0)
        .map((side) => ({ side, by: subtractLengths(zeroLength, piece.reveals[side]) }));
      if (over.length === 0) return [];
      const support = supportRect(card, piece.support);
      const reveal = plan.habits.reveals.everyday;
      const size = {
        width: subtractLengths(support.width, timesLength(reveal.ticks, 2)),
        height: subtractLengths(support.height, timesLength(reveal.ticks, 2)),
      };
      const remedy: Remedy = {
        id: 'everyday-border',
        size,
        reveals: evenReveals(reveal.ticks),
        edit: sizeEdit(piece.id, { by: 'reveal', all: reveal }),
      };
      const supportLetter = letterOf(card, piece.support);
      return [
        findOnPiece(
          piece,
          'stop',
          { rule: 'larger-than-support', supportLetter, over },
          size.width > 0 && size.height > 0 ? [remedy] : [],
        ),
      ];
    }),
};
