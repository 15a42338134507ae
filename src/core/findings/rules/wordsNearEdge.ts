import { timesLength, type Length } from '../../length/length';
import { sides } from '../../plan/faces';
import { isOffPaper } from '../../measuring/beyondPaper';
import { letterOf, placedById, supportRect, type ResolvedCard } from '../../resolve/resolvedCard';
import { holdsWords, type ResolvedMark } from '../../resolve/resolvedMark';
import { findOn, type Finding, type Rule, type RuleInput } from '../finding';
import { moveInto } from '../moveRemedy';
import { deed, type Remedy } from '../remedy';
import { changePiece } from '../../plan/pieceEdits';

/** Words nearer to an edge of their panel or strip than is usual; a strip too short for them says so. */
export const wordsNearEdge: Rule = {
  id: 'words-near-edge',
  find: (input) => {
    const { plan, card } = input;
    const margin = plan.habits.wordMargin.ticks;
    return card.marks.flatMap((thing): Finding[] => {
      const { piece, reveals, rect, support } = thing;
      const near = sides.filter((side) => reveals[side] < margin);
      if (!holdsWords(thing) || piece.place.turn !== 0 || near.length === 0) return [];
      // What lies beside its paper is found as such.
      if (isOffPaper(card, thing)) return [];
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
          () => (isTooShort ? [] : [...movingIn(input, thing), centring]),
        ),
      ];
    });
  },
};

/** By the least that keeps the margin on every side. */
function movingIn(input: RuleInput, thing: ResolvedMark): readonly Remedy[] {
  const margin = input.plan.habits.wordMargin.ticks;
  const { x, y, width, height } = supportRect(input.card, thing.support);
  const room = { x0: x + margin, y0: y + margin, x1: x + width - margin, y1: y + height - margin };
  const isMended = (after: ResolvedCard) => {
    const moved = placedById(after, thing.id);
    return moved !== undefined && sides.every((side) => moved.reveals[side] >= margin);
  };
  const move = moveInto(input, thing, room, isMended);
  return move ? [move] : [];
}
