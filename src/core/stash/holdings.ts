import type { LibraryId } from '../plan/ids';
import type { Holding } from './holding';

/** The holding of an item of which nothing is known. */
export function emptyHolding(itemId: LibraryId): Holding {
  return { itemId, sheets: [], leftovers: [], count: null, price: null, isGone: false };
}

export function holdingOf(holdings: readonly Holding[], itemId: LibraryId): Holding {
  return holdings.find((each) => each.itemId === itemId) ?? emptyHolding(itemId);
}
