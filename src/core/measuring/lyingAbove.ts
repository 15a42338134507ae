import { boundsOf } from '../outline/outline';
import { supportsUnder } from '../resolve/supportsUnder';
import type { ResolvedCard } from '../resolve/resolvedCard';
import { isMark, outlineOf, type Placed } from '../resolve/outlineOf';
import { nearby } from './nearby';

/**
 * What lies over a piece on the same face with a box that touches its own, so that it may cover it, the lowest first.
 * What lies on the piece itself belongs to it and covers nothing.
 */
export function lyingAbove(card: ResolvedCard, placed: Placed): readonly Placed[] {
  const near = nearby(card, placed.face, boundsOf(outlineOf(placed)));
  const above = near.slice(near.indexOf(placed) + 1);
  if (isMark(placed)) return above;
  return above.filter((other) => !supportsUnder(card, other).includes(placed.id));
}
