import { colourDifference } from '../../colour/colourDifference';
import { labOf } from '../../colour/lab';
import { adhesive } from '../../paper/adhesives';
import { letterOf } from '../../resolve/resolvedCard';
import { hardlyTold } from '../../tolerances';
import { findOnPiece, type Finding, type Rule } from '../finding';
import { changePiece } from '../../plan/pieceEdits';

/**
 * A piece in nearly the colour of what it lies on, so that its border is lost. Patterned paper and
 * pieces lifted on foam set themselves apart by print and shadow.
 */
export const nearColours: Rule = {
  id: 'near-colours',
  find: ({ card }) =>
    card.pieces.flatMap((piece): Finding[] => {
      const under =
        piece.support === 'base'
          ? card.base.stock
          : card.pieces.find(({ id }) => id === piece.support)?.stock;
      const isPlain = under?.paper !== 'patterned' && piece.stock?.paper !== 'patterned';
      if (!under || !piece.stock || !isPlain || adhesive(piece.piece.attach).foam) return [];
      const difference = colourDifference(labOf(under.colour), labOf(piece.stock.colour));
      if (difference >= hardlyTold) return [];
      const supportLetter = letterOf(card, piece.support);
      return [
        findOnPiece(piece, 'look', { rule: 'near-colours', supportLetter, difference }, [
          {
            id: 'onto-foam',
            size: undefined,
            reveals: undefined,
            edit: changePiece(piece.piece, { attach: 'foam' }),
          },
        ]),
      ];
    }),
};
