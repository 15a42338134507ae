import { contrast } from '../../colour/contrast';
import { freePlaces } from '../../composition/wordPlaces';
import { isPatterned } from '../../kinds/paint';
import { inkMeeting } from '../../resolve/inkOf';
import { boundsOf, type Outline } from '../../outline/outline';
import { touches } from '../../outline/distance';
import { lyingAbove } from '../../measuring/lyingAbove';
import { isMark, outlineOf, type Placed } from '../../resolve/outlineOf';
import { placedById, type ResolvedCard } from '../../resolve/resolvedCard';
import { holdsWords, isGround, type ResolvedMark } from '../../resolve/resolvedMark';
import { readableContrast } from '../../tolerances';
import { findOn, findOnPair, type Finding, type Rule, type RuleInput } from '../finding';
import { moveOutOf, tryMove } from '../moveRemedy';
import type { Remedy } from '../remedy';
import { changePiece } from '../../plan/pieceEdits';

/** Words that something lies on, or that stand on an image, a printed paper or a pattern, where they are hard to read. */
export const wordsCovered: Rule = {
  id: 'words-covered',
  find: (input) =>
    input.card.marks.flatMap((thing): Finding[] => {
      if (!holdsWords(thing)) return [];
      const [fault] = faultsOf(input.card, thing);
      if (!fault) return [];
      const { by, other } = fault;
      if (!other) return [findOn(thing, 'look', { rule: 'words-covered', by })];
      return [
        findOnPair(thing, other, 'look', { rule: 'words-covered', by }, () =>
          clearings(input, thing, fault),
        ),
      ];
    }),
};

interface Fault {
  /** Covered by another thing; on an image, printed paper, or the pattern of a stencil or background stamp. */
  readonly by: 'thing' | 'image' | 'printed-paper' | 'pattern';
  readonly other: Placed | undefined;
}

/** What makes words hard to read, the gravest first. */
function faultsOf(card: ResolvedCard, words: ResolvedMark): readonly Fault[] {
  const outline = outlineOf(words);
  const under = marksUnder(card, words).filter((mark) => touches(outline, outlineOf(mark)));
  const over = lyingAbove(card, words).filter((other) => touches(outline, outlineOf(other)));
  const isOnGround = (other: Placed) => isMark(other) && isGround(other);
  const [cover, image, pattern] = [
    over.find((other) => !isOnGround(other)),
    under.find((mark) => !isGround(mark) && spoils(mark, words, outline)),
    [...over, ...under].find(isPattern),
  ];
  return [
    ...(cover ? [{ by: 'thing' as const, other: cover }] : []),
    ...(image ? [{ by: 'image' as const, other: image }] : []),
    ...(isPatterned(words.ground) ? [{ by: 'printed-paper' as const, other: undefined }] : []),
    ...(pattern ? [{ by: 'pattern' as const, other: pattern }] : []),
  ];
}

/** A ground with a pattern; blends, edges and mist are even enough to be read on. */
function isPattern(placed: Placed): boolean {
  if (!isMark(placed) || !isGround(placed)) return false;
  return placed.piece.kind === 'stencil' || placed.piece.kind === 'image';
}

/** What is on the paper of words before they are. */
function marksUnder(card: ResolvedCard, words: ResolvedMark): readonly ResolvedMark[] {
  return card.marks
    .slice(0, card.marks.indexOf(words))
    .filter((mark) => mark.face === words.face && mark.support === words.support);
}

/**
 * Whether words cannot be read where an image lies under them. They can between its lines, and on one plain part that
 * is much lighter or darker, such as white on a dark body.
 */
function spoils(image: ResolvedMark, words: ResolvedMark, outline: Outline): boolean {
  const met = inkMeeting(image, outline);
  const top = met.at(-1);
  const [ink] = words.paints;
  if (!top || !ink) return false;
  return !top.isWhole || contrast(ink.colour, top.colour) < readableContrast;
}

/** The words go to the best place that is free, or what lies on them goes aside. */
function clearings(input: RuleInput, words: ResolvedMark, { by, other }: Fault): readonly Remedy[] {
  const isMended = (after: ResolvedCard) => {
    const moved = placedById(after, words.id);
    return moved !== undefined && isMark(moved) && faultsOf(after, moved)[0]?.by !== by;
  };
  const box = boundsOf(outlineOf(words));
  const aside = by === 'thing' && other ? moveOutOf(input, other, box, isMended) : undefined;
  return [moveToFree(input, words, isMended), aside].filter((each) => each !== undefined);
}

function moveToFree(
  input: RuleInput,
  words: ResolvedMark,
  isMended: (after: ResolvedCard) => boolean,
): Remedy | undefined {
  const { face, support, rect, id, piece } = words;
  if (piece.place.turn !== 0 || piece.group !== null) return undefined;
  const clearance = input.plan.habits.wordMargin.ticks;
  const places = freePlaces({
    card: input.card,
    face,
    support,
    size: rect,
    clearance,
    without: id,
  });
  for (const free of places) {
    const [dx, dy] = [free.rect.x - rect.x, free.rect.y - rect.y];
    const move = tryMove(input, words, dx, dy, isMended);
    if (move) return { ...move, edit: changePiece(piece, { place: free.place }) };
  }
  return undefined;
}
