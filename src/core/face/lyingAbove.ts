import { supportsUnder } from '../resolve/supportsUnder';
import type { ResolvedCard } from '../resolve/resolvedCard';
import { isMark, type Placed } from '../resolve/outlineOf';

/**
 * What is put on after a piece on the same face, so that it may cover it: paper glued later, and of marks on the
 * same paper those that come later. What lies on the piece itself belongs to it and covers nothing.
 */
export function lyingAbove(card: ResolvedCard, placed: Placed): readonly Placed[] {
  const base = isMark(placed) ? placed.support : placed.id;
  const under = card.pieces.findIndex(({ id }) => id === base);
  const papers = card.pieces.filter(({ face }, index) => face === placed.face && index > under);
  if (!isMark(placed))
    return papers.filter((piece) => !supportsUnder(card, piece).includes(placed.id));
  const at = card.marks.indexOf(placed);
  const marks = card.marks.filter(
    (other, index) => index > at && other.face === placed.face && other.support === placed.support,
  );
  return [...papers, ...marks];
}
