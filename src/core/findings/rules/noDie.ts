import { dieRound } from '../../plan/dieRound';
import { findStamp } from '../../plan/library';
import { findOnPiece, type Finding, type Remedy, type Rule } from '../finding';
import { changePiece } from '../../plan/pieceEdits';

/** Paper that scissors cut round a print: no die does it, or one does that is not used. */
export const noDie: Rule = {
  id: 'no-die',
  find: ({ card, library }) =>
    card.pieces.flatMap((piece): Finding[] => {
      const { size } = piece.piece;
      const stamp = size.by === 'stamp' ? findStamp(library, size.stamp) : undefined;
      if (!stamp) return [];
      const die = dieRound(library, stamp);
      const remedies: readonly Remedy[] = die
        ? [
            {
              id: 'its-die',
              size: undefined,
              reveals: undefined,
              edit: changePiece(piece.piece, {
                size: {
                  by: 'die',
                  set: { id: die.id, version: die.version },
                  step: 0,
                  turned: false,
                },
              }),
            },
          ]
        : [];
      return [
        findOnPiece(piece, 'look', { rule: 'no-die', stamp: stamp.name, die: die?.name }, remedies),
      ];
    }),
};
