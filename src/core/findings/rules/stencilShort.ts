import { markMoves } from '../../stencilling/markMoves';
import { findStencil } from '../../plan/library';
import { findOn, type Finding, type Rule } from '../finding';
import { deed, type Remedy } from '../remedy';
import { changePiece } from '../../plan/pieceEdits';

/** A stencil that is smaller than what it is to colour, and cannot be moved so that its pattern goes on. */
export const stencilShort: Rule = {
  id: 'stencil-short',
  find: ({ card, library }) =>
    card.marks.flatMap((mark): Finding[] => {
      const moves = markMoves(mark);
      if (!moves || moves.ok || mark.piece.kind !== 'stencil') return [];
      const stencil = findStencil(library, mark.piece.stencil);
      const ownSize: Remedy[] = stencil
        ? [
            deed(
              'own-zone',
              changePiece(mark.piece, {
                zone: { width: stencil.width, height: stencil.height },
                turned: false,
              }),
            ),
          ]
        : [];
      return [findOn(mark, 'look', { rule: 'stencil-short', reason: moves.reason }, ownSize)];
    }),
};
