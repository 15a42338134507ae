import { changePiece } from '../../plan/pieceEdits';
import { isLoose, pocketsOver } from '../../resolve/pockets';
import { findOn, type Finding, type Rule } from '../finding';
import { deed } from '../remedy';

/** A piece that nothing holds: no adhesive is under it, no spring, and no pocket over it. */
export const notHeld: Rule = {
  id: 'not-held',
  find: ({ card }) =>
    card.pieces.flatMap((piece): Finding[] => {
      if (!isLoose(piece) || pocketsOver(card, piece).length > 0) return [];
      const remedy = deed('hold-all', changePiece(piece.piece, { zones: [] }));
      return [findOn(piece, 'stop', { rule: 'not-held' }, [remedy])];
    }),
};
