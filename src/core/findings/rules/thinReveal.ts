import type { Length } from '../../length/length';
import { sides } from '../../plan/faces';
import { isCutToShape } from '../../plan/pieces';
import { usualReveals } from '../../plan/usualReveals';
import { letterOf, supportRect } from '../../resolve/resolvedCard';
import { findOn, type Finding, type Rule } from '../finding';
import { insetBy, resizeRemedies } from './sizeRemedy';

/** A border too narrow to be seen as one, by the house's visible minimum. None at all is flush, and meant. */
export const thinReveal: Rule = {
  id: 'thin-reveal',
  find: ({ plan, card }) => {
    const minimum = plan.habits.minimumReveal.ticks;
    const fine = usualReveals(plan.habits).fine.ticks;
    return card.pieces.flatMap((piece): Finding[] => {
      const thin = sides.filter((side) => piece.reveals[side] > 0 && piece.reveals[side] < minimum);
      if (thin.length === 0 || isCutToShape(piece.piece.size)) return [];
      const support = supportRect(card, piece.support);
      const size = insetBy(support, fine);
      const reveal = Math.min(...thin.map((side) => piece.reveals[side])) as Length;
      const supportLetter = letterOf(card, piece.support);
      return [
        findOn(
          piece,
          'look',
          { rule: 'thin-reveal', supportLetter, sides: thin, reveal, minimum },
          resizeRemedies('fine-border', piece, size, support),
        ),
      ];
    });
  },
};
