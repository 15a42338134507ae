import { holdsWords } from '../../resolve/resolvedMark';
import { findOn, type Finding, type Rule } from '../finding';
import { deed } from '../remedy';
import { changePiece } from '../../plan/pieceEdits';

/** Words that slope by no more than a house takes for a mistake: one degree is seen. */
export const wordSlope: Rule = {
  id: 'word-slope',
  find: ({ plan, card }) =>
    card.marks.flatMap((thing): Finding[] => {
      const { piece } = thing;
      const degrees = Math.abs(piece.place.turn);
      if (!holdsWords(thing) || degrees === 0 || degrees > plan.habits.slopeSlip) return [];
      const change = { place: { ...piece.place, turn: 0 } };
      return [
        findOn(thing, 'look', { rule: 'word-slope', degrees }, [
          deed('straighten', changePiece(piece, change)),
        ]),
      ];
    }),
};
