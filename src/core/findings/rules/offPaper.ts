import { beyondPaper, isOffPaper, outlineUnder } from '../../measuring/beyondPaper';
import { boundsOf } from '../../outline/outline';
import { isMark, type Placed } from '../../resolve/outlineOf';
import { letterOf, placedById, type ResolvedCard } from '../../resolve/resolvedCard';
import { holdsWords, isGround } from '../../resolve/resolvedMark';
import { fillsBox } from '../../tolerances';
import { findOn, type Finding, type Rule, type RuleInput } from '../finding';
import { moveInto } from '../moveRemedy';

/**
 * A print or a thing stuck on that lies beside its paper, wholly or in part; a die cut that nothing carries. Of a group
 * one is found, with how many there are.
 */
export const offPaper: Rule = {
  id: 'off-paper',
  find: (input) => {
    const { card } = input;
    const groups = new Map<string, Placed[]>();
    for (const placed of [...card.pieces, ...card.marks]) {
      if (!isFound(card, placed)) continue;
      const key = placed.piece.group ?? placed.id;
      groups.set(key, [...(groups.get(key) ?? []), placed]);
    }
    return [...groups.values()].flatMap((things): Finding[] => {
      const wholly = things.find((each) => isOffPaper(card, each));
      const thing = wholly ?? things[0];
      return thing ? [findingOn(input, thing, things.length, wholly !== undefined)] : [];
    });
  },
};

/**
 * Grounds run over every edge, words near an edge are another finding, and so is paper that sticks out; all of them are
 * at fault where they lie beside their paper.
 */
function isFound(card: ResolvedCard, placed: Placed): boolean {
  const mayReachOver =
    !isMark(placed) || isGround(placed) || (holdsWords(placed) && placed.piece.place.turn === 0);
  if (beyondPaper(card, placed) <= fillsBox) return false;
  return isOffPaper(card, placed) ? isMark(placed) || placed.shape !== undefined : !mayReachOver;
}

function findingOn(input: RuleInput, thing: Placed, count: number, isWhole: boolean): Finding {
  const { card } = input;
  const isMended = (after: ResolvedCard) => {
    const moved = placedById(after, thing.id);
    return moved !== undefined && beyondPaper(after, moved) <= fillsBox;
  };
  const remedy =
    count === 1 ? moveInto(input, thing, boundsOf(outlineUnder(card, thing)), isMended) : undefined;
  return findOn(
    thing,
    isWhole ? 'stop' : 'look',
    {
      rule: 'off-paper',
      supportLetter: letterOf(card, thing.support),
      by: beyondPaper(card, thing),
      isWhole,
      others: count - 1,
    },
    remedy ? [remedy] : [],
  );
}
