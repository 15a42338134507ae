import { findOn, type Finding, type Rule } from '../finding';
import { deed } from '../remedy';
import { changePiece } from '../../plan/pieceEdits';

/** A middle to be cut out where nothing hides the hole, or the rim leaves nothing to cut. */
export const cutOut: Rule = {
  id: 'cut-out',
  find: ({ card }) =>
    card.pieces.flatMap((piece): Finding[] => {
      const rim = piece.piece.cutOut?.rim.ticks;
      if (rim === undefined || piece.opening) return [];
      const reason = piece.role === 'mat' ? 'rim-takes-all' : 'nothing-on-it';
      return [
        findOn(piece, 'stop', { rule: 'cut-out', reason, rim }, [
          deed('whole', changePiece(piece.piece, { cutOut: null })),
        ]),
      ];
    }),
};
