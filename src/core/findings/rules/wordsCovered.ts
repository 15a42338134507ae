import { isPatterned } from '../../kinds/paint';
import { touches } from '../../outline/distance';
import { lyingAbove } from '../../measuring/lyingAbove';
import { outlineOf, type Placed } from '../../resolve/outlineOf';
import type { ResolvedCard } from '../../resolve/resolvedCard';
import { holdsWords, isGround, type ResolvedMark } from '../../resolve/resolvedMark';
import { findOn, findOnPair, type Finding, type Rule } from '../finding';

/** Words that something lies on, or that stand on a printed paper or a pattern, where they are hard to read. */
export const wordsCovered: Rule = {
  id: 'words-covered',
  find: ({ card }) =>
    card.marks.flatMap((thing): Finding[] => {
      if (!holdsWords(thing)) return [];
      const cover = coverOf(card, thing);
      if (cover) return [findOnPair(thing, cover, 'look', { rule: 'words-covered', by: 'thing' })];
      if (isPatterned(thing.ground))
        return [findOn(thing, 'look', { rule: 'words-covered', by: 'printed-paper' })];
      const pattern = patternUnder(card, thing);
      return pattern
        ? [findOnPair(thing, pattern, 'look', { rule: 'words-covered', by: 'pattern' })]
        : [];
    }),
};

/** The stencilling or background print that words are put on. */
function patternUnder(card: ResolvedCard, words: ResolvedMark): ResolvedMark | undefined {
  const grounds = card.marks
    .slice(0, card.marks.indexOf(words))
    .filter((mark) => mark.face === words.face && mark.support === words.support && isGround(mark));
  if (grounds.length === 0) return undefined;
  const outline = outlineOf(words);
  return grounds.find((mark) => touches(outline, outlineOf(mark)));
}

/** What lies above words and touches them; a frame's window does not. */
function coverOf(card: ResolvedCard, words: ResolvedMark): Placed | undefined {
  const outline = outlineOf(words);
  return lyingAbove(card, words).find((other) => touches(outline, outlineOf(other)));
}
