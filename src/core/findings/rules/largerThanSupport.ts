import type { Length } from '../../length/length';
import { letterOf, supportRect } from '../../resolve/resolvedCard';
import type { Finding, Remedy, Rule } from '../finding';
import { evenReveals, sizeEdit } from './sizeRemedy';

/** A piece that sticks out over what it lies on. Touching the edge is not sticking out. */
export const largerThanSupport: Rule = {
  id: 'larger-than-support',
  find: ({ plan, card }) =>
    card.pieces.flatMap((piece): Finding[] => {
      const sides = ['left', 'top', 'right', 'bottom'] as const;
      const over = sides
        .filter((side) => piece.reveals[side] < 0)
        .map((side) => ({ side, by: -piece.reveals[side] as Length }));
      if (over.length === 0) return [];
      const support = supportRect(card, piece.support);
      const reveal = plan.habits.reveals.everyday;
      const size = {
        width: (support.width - 2 * reveal.ticks) as Length,
        height: (support.height - 2 * reveal.ticks) as Length,
      };
      const remedy: Remedy = {
        id: 'everyday-border',
        size,
        reveals: evenReveals(reveal.ticks),
        edit: sizeEdit(piece.id, { by: 'reveal', all: reveal }),
      };
      return [
        {
          severity: 'stop',
          pieceId: piece.id,
          letter: piece.letter,
          name: piece.name,
          data: {
            rule: 'larger-than-support',
            supportLetter: letterOf(card, piece.support),
            over,
          },
          remedies: size.width > 0 && size.height > 0 ? [remedy] : [],
        },
      ];
    }),
};
