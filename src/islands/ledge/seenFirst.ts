import type { StandingCard } from '../../core/compute/standingCard';
import { filterCards, isPlainFilter, readFilter, type FilterContext } from './ledgeFilter';
import { ledgeRows, scale, usualWidth } from './ledgeRows';

/** About a screen, in CSS pixels; and a screen with what is drawn below it in advance. */
export const firstScreen = 800;
export const firstDrawn = 1600;

/**
 * The cards that are seen first at an address of the Ledge.
 * @param height of the rows that count, in CSS pixels
 */
export function seenFirst(
  cards: readonly StandingCard[],
  context: FilterContext,
  search: string,
  height: number,
): readonly StandingCard[] {
  const filter = readFilter(new URLSearchParams(search));
  const rows = ledgeRows(filterCards(cards, filter, context), context.releases, {
    width: usualWidth,
    scale,
    hasEmpty: isPlainFilter(filter),
  });
  let top = 0;
  return rows.flatMap((row) => {
    const isSeen = top < height;
    top += row.height;
    return isSeen && row.kind === 'cards' ? row.cards : [];
  });
}
