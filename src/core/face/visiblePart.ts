import type { ResolvedCard } from '../resolve/resolvedCard';
import { lyingAbove } from './lyingAbove';
import { boundsOf, boxesOverlap } from '../outline/outline';
import { outlineOf, type Placed } from '../resolve/outlineOf';
import { areaOfOutline, intersectOutlines, uniteOutlines } from '../outline/polygons';

/**
 * How much of a piece is seen, from 0 to 1, once all is put on: its own area less what later pieces cover of it.
 * What lies on the piece itself does not count as covering it.
 */
export function visiblePart(card: ResolvedCard, placed: Placed): number {
  const outline = outlineOf(placed);
  const whole = areaOfOutline(outline);
  if (whole === 0) return 1;
  const bounds = boundsOf(outline);
  const covers = lyingAbove(card, placed)
    .map(outlineOf)
    .filter((each) => boxesOverlap(boundsOf(each), bounds));
  if (covers.length === 0) return 1;
  const covered = areaOfOutline(intersectOutlines(outline, uniteOutlines(covers)));
  return Math.max(0, 1 - covered / whole);
}
