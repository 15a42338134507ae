import { store } from '../database';
import type { Store } from '../storeTypes';
import { StandingCards } from './StandingCards';
import { standEach } from './standEach';

const loaded = new WeakMap<Store, Promise<StandingCards>>();

/**
 * The cards of this process's database as they stand on the Ledge. Only one process has a folder; a server may have been
 * written to by others, so it is asked each time.
 */
export async function standing(): Promise<StandingCards> {
  const own = await store();
  const known = loaded.get(own);
  if (!known) {
    const loading = StandingCards.load(own.db, standEach);
    loaded.set(own, loading);
    loading.catch(() => loaded.delete(own));
    return loading;
  }
  const cards = await known;
  if (own.isShared) await cards.sync();
  return cards;
}
