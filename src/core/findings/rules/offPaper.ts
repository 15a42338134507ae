import { asTyped } from '../../length/typedLength';
import { halveLength, subtractLengths, type Length } from '../../length/length';
import { beyondPaper, isOffPaper, outlineUnder } from '../../measuring/beyondPaper';
import { boundsOf } from '../../outline/outline';
import { isMark, type Placed } from '../../resolve/outlineOf';
import { letterOf, placedById, type ResolvedCard } from '../../resolve/resolvedCard';
import { alongRibbon, isRibbon, type Ribbon } from '../../resolve/ribbonParts';
import { holdsWords, isGround, type ResolvedMark } from '../../resolve/resolvedMark';
import { fillsBox } from '../../tolerances';
import { findOn, type Finding, type Rule, type RuleInput } from '../finding';
import { moveInto } from '../moveRemedy';
import { deed, type Remedy } from '../remedy';
import { changeBow } from '../../plan/pieceEdits';

/**
 * A print or a thing stuck on that lies beside its paper, wholly or in part; a die cut that nothing carries. Of a group
 * one is found, with how many there are.
 */
export const offPaper: Rule = {
  id: 'off-paper',
  find: (input) => {
    const groups = new Map<string, Off[]>();
    for (const placed of [...input.card.pieces, ...input.card.marks]) {
      const off = offOf(input.card, placed);
      if (!off) continue;
      const key = placed.piece.group ?? placed.id;
      groups.set(key, [...(groups.get(key) ?? []), off]);
    }
    return [...groups.values()].flatMap((offs): Finding[] => {
      const told = offs.find(({ isWhole }) => isWhole) ?? offs[0];
      return told ? [findingOn(input, told, offs.length - 1)] : [];
    });
  },
};

/** A thing that lies off its paper. */
interface Off {
  readonly thing: Placed;
  readonly by: Length;
  /** Nothing of it lies on its paper. */
  readonly isWhole: boolean;
  /** Where it is not mended by moving it in. */
  readonly remedies?: readonly Remedy[];
}

/**
 * Grounds run over every edge, and the bow of a ribbon over its own; words near an edge are another finding, and so is paper
 * that sticks out. All of them are at fault where they lie beside their paper.
 */
function offOf(card: ResolvedCard, thing: Placed): Off | undefined {
  const bow = isRibbon(thing) ? bowPastEnd(thing) : undefined;
  if (bow) return bow;
  const by = beyondPaper(card, thing);
  if (by <= fillsBox) return undefined;
  const isWhole = isOffPaper(card, thing);
  const isFound = isMark(thing)
    ? isWhole || !mayReachOver(thing)
    : isWhole && thing.shape !== undefined;
  return isFound ? { thing, by, isWhole } : undefined;
}

/** A bow whose middle lies beyond the end of its ribbon. */
function bowPastEnd(thing: Ribbon): Off | undefined {
  const { piece } = thing;
  const along = alongRibbon(thing);
  if (!piece.bow || piece.bow.at.ticks <= along) return undefined;
  const [half] = halveLength(along);
  return {
    ...{ thing, isWhole: false, by: subtractLengths(piece.bow.at.ticks, along) },
    remedies: [deed('centred', changeBow(piece, piece.bow, { at: asTyped(half) }))],
  };
}

/** What runs over an edge on purpose, or is told by another rule where it does. */
function mayReachOver(thing: ResolvedMark): boolean {
  return isRibbon(thing) || isGround(thing) || (holdsWords(thing) && thing.piece.place.turn === 0);
}

function findingOn(
  input: RuleInput,
  { thing, by, isWhole, remedies }: Off,
  others: number,
): Finding {
  const { card } = input;
  const isMended = (after: ResolvedCard) => {
    const moved = placedById(after, thing.id);
    return moved !== undefined && beyondPaper(after, moved) <= fillsBox;
  };
  const movingIn = () => {
    const remedy =
      others === 0
        ? moveInto(input, thing, boundsOf(outlineUnder(card, thing)), isMended)
        : undefined;
    return remedy ? [remedy] : [];
  };
  const supportLetter = letterOf(card, thing.support);
  return findOn(
    thing,
    isWhole ? 'stop' : 'look',
    { rule: 'off-paper', supportLetter, by, isWhole, others },
    remedies ?? movingIn,
  );
}
