import type { StandingCard } from '../../core/compute/standingCard';
import { filterCards, isPlainFilter, readFilter, type FilterContext } from './ledgeFilter';
import { ledgeRows, scale, usualWidth } from './ledgeRows';

/** About a screen and what is drawn below it in advance, in CSS pixels. */
const firstHeight = 1600;

/** The cards that are seen first at an address of the Ledge. */
export function seenFirst(
  cards: readonly StandingCard[],
  context: FilterContext,
  search: string,
): readonly StandingCard[] {
  const filter = readFilter(new URLSearchParams(search));
  const rows = ledgeRows(filterCards(cards, filter, context), context.releases, {
    width: usualWidth,
    scale,
    hasEmpty: isPlainFilter(filter),
  });
  let top = 0;
  return rows.flatMap((row) => {
    const isSeen = top < firstHeight;
    top += row.height;
    return isSeen && row.kind === 'cards' ? row.cards : [];
  });
}
