import { timesLength, type Length } from '../../length/length';
import { sides } from '../../plan/faces';
import { letterOf, supportRect } from '../../resolve/resolvedCard';
import { holdsWords } from '../../resolve/resolvedMark';
import { findOn, type Finding, type Rule } from '../finding';
import { deed, type Remedy } from '../remedy';
import { changePiece } from '../../plan/pieceEdits';

/** Words nearer to an edge of their panel or strip than is usual; a strip too short for them says so. */
export const wordsNearEdge: Rule = {
  id: 'words-near-edge',
  find: ({ plan, card }) => {
    const margin = plan.habits.wordMargin.ticks;
    return card.marks.flatMap((thing): Finding[] => {
      const { piece, reveals, rect, support } = thing;
      const near = sides.filter((side) => reveals[side] < margin);
      if (!holdsWords(thing) || piece.place.turn !== 0 || near.length === 0) return [];
      const least = Math.min(...near.map((side) => reveals[side])) as Length;
      const under = supportRect(card, support);
      const needs = timesLength(margin, 2);
      const isTooShort = rect.width + needs > under.width || rect.height + needs > under.height;
      const centring: Remedy = deed(
        'centred',
        changePiece(piece, {
          place: { x: { from: 'centre' }, y: { from: 'centre' }, turn: 0 },
        }),
      );
      return [
        findOn(
          thing,
          'look',
          {
            rule: 'words-near-edge',
            supportLetter: letterOf(card, support),
            sides: near,
            least,
            margin,
            isTooShort,
          },
          isTooShort ? [] : [centring],
        ),
      ];
    });
  },
};
