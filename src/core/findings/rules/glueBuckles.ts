import { TICKS_PER_MILLIMETRE } from '../../length/length';
import { changePiece } from '../../plan/pieceEdits';
import { withAdhesives } from '../../plan/withAdhesives';
import { isHeldBy } from '../../resolve/bond';
import { beadWidth, bucklesFrom, waterOfGlue } from '../../tolerances';
import { findOn, type Finding, type Rule } from '../finding';
import { deed } from '../remedy';

/**
 * More liquid glue than a thin stock takes: a bead brings the paper under it more water than a share of its own weight, and
 * it buckles there. The size of the piece makes no difference.
 */
export const glueBuckles: Rule = {
  id: 'glue-buckles',
  find: ({ plan, card }) => {
    const metre = beadWidth / (1000 * TICKS_PER_MILLIMETRE);
    // Millilitres a metre, a millilitre a gram, on so many square metres.
    const water = (plan.habits.adhesiveRates.liquid * waterOfGlue) / metre;
    return card.pieces.flatMap((piece): Finding[] => {
      const weight = piece.stock?.gramsPerSquareMetre;
      if (weight === undefined || !isHeldBy(piece, 'liquid')) return [];
      const share = water / weight;
      if (share <= bucklesFrom) return [];
      const dry = withAdhesives(piece.piece, (id) => (id === 'liquid' ? 'tape' : id));
      return [
        findOn(piece, 'look', { rule: 'glue-buckles', share, weight }, [
          deed('tape-it', changePiece(piece.piece, dry)),
        ]),
      ];
    });
  },
};
