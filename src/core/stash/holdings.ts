import type { LibraryId } from '../plan/ids';
import type { Holding } from './holding';

/** The holding of an item of which nothing is known. */
export function emptyHolding(itemId: LibraryId): Holding {
  return { itemId, sheets: [], leftovers: [], count: null, price: null, isGone: false };
}

export function holdingOf(holdings: readonly Holding[], itemId: LibraryId): Holding {
  return byItem(holdings).get(itemId) ?? emptyHolding(itemId);
}

/** Worked out once for each list, since none ever changes. */
const indices = new WeakMap<readonly Holding[], ReadonlyMap<LibraryId, Holding>>();

function byItem(holdings: readonly Holding[]): ReadonlyMap<LibraryId, Holding> {
  const known = indices.get(holdings);
  if (known) return known;
  const index = new Map(holdings.map((each) => [each.itemId, each]));
  indices.set(holdings, index);
  return index;
}
