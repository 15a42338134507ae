import { dieRound } from '../../plan/dieRound';
import { findStamp } from '../../plan/library';
import { findOn, type Finding, type Rule } from '../finding';
import { deed, type Remedy } from '../remedy';
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
            deed(
              'its-die',
              changePiece(piece.piece, {
                size: {
                  by: 'die',
                  set: { id: die.id, version: die.version },
                  step: 0,
                  turned: false,
                },
              }),
            ),
          ]
        : [];
      return [
        findOn(piece, 'look', { rule: 'no-die', stamp: stamp.name, die: die?.name }, remedies),
      ];
    }),
};
