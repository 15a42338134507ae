import type { StandingCard } from '../../core/compute/standingCard';
import { filterCards, isPlainFilter, readFilter, type FilterContext } from './ledgeFilter';
import { eachRow, scale, usualWidth } from './ledgeRows';

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
  const isPlain = isPlainFilter(filter);
  const shown = isPlain ? cards : filterCards(cards, filter, context);
  const measures = { width: usualWidth, scale, hasEmpty: isPlain };
  const seen: StandingCard[] = [];
  let top = 0;
  for (const row of eachRow(shown, context.releases, measures)) {
    if (top >= height) break;
    if (row.kind === 'cards') seen.push(...row.cards);
    top += row.height;
  }
  return seen;
}
