import { store } from '../database';
import type { Store } from '../storeTypes';
import { StandingCards } from './StandingCards';
import { standEach } from './standEach';

const loaded = new WeakMap<Store, Promise<StandingCards>>();

/** The cards of this process's database as they stand on the Ledge. */
export async function standing(): Promise<StandingCards> {
  const own = await store();
  const known = loaded.get(own);
  if (known) return known;
  const loading = StandingCards.load(own, standEach);
  loaded.set(own, loading);
  loading.catch(() => loaded.delete(own));
  return loading;
}
