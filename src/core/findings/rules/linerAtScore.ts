import type { Length } from '../../length/length';
import { isInside, scoreSides, sides } from '../../plan/faces';
import { supportRect } from '../../resolve/resolvedCard';
import { findOn, type Finding, type Rule } from '../finding';
import { insetBy, resizeRemedies } from './sizeRemedy';

/**
 * A piece inside that crosses the score, where folding would crease it, or comes nearer to it than to
 * the other edges. The same border at the score as elsewhere is common practice.
 */
export const linerAtScore: Rule = {
  id: 'liner-at-score',
  find: ({ plan, card }) =>
    card.pieces.flatMap((piece): Finding[] => {
      const { face, support, reveals } = piece;
      if (support !== 'base' || !isInside(face)) return [];
      const atScore = scoreSides(face, plan.base.fold);
      const others = sides.filter((side) => !atScore.includes(side));
      const elsewhere = Math.min(...others.map((side) => reveals[side])) as Length;
      const side = atScore.find((each) => reveals[each] < 0 || reveals[each] < elsewhere);
      if (!side) return [];
      const base = supportRect(card, 'base');
      const size = insetBy(base, plan.habits.linerReveal.ticks);
      return [
        findOn(
          piece,
          reveals[side] < 0 ? 'stop' : 'look',
          { rule: 'liner-at-score', side, reveal: reveals[side], elsewhere },
          resizeRemedies('liner-border', piece, size, base),
        ),
      ];
    }),
};
