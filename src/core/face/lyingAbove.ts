import { supportsUnder } from '../resolve/supportsUnder';
import type { ResolvedCard } from '../resolve/resolvedCard';
import { isMark, type Placed } from '../resolve/outlineOf';

/**
 * What lies over a piece on the same face, so that it may cover it, the lowest first. What lies on the piece itself
 * belongs to it and covers nothing.
 */
export function lyingAbove(card: ResolvedCard, placed: Placed): readonly Placed[] {
  const order = card.painted[placed.face];
  const above = order.slice(order.indexOf(placed) + 1);
  if (isMark(placed)) return above;
  return above.filter((other) => !supportsUnder(card, other).includes(placed.id));
}
