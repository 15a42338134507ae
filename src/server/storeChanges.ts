import type { CardId } from '../core/plan/ids';
import type { Database, Transaction } from './storeTypes';

/** What became different in a database: cards that were made, saved, binned or removed; items that have a new version. */
export type StoreChange =
  | { readonly of: 'cards'; readonly ids: readonly CardId[] }
  | { readonly of: 'items'; readonly ids: readonly string[] };

type Listener = (change: StoreChange) => void;

const listeners = new WeakMap<object, Set<Listener>>();

/** Hears of every change from now on, once it is kept. */
export function onStoreChange(db: Database, listener: Listener): void {
  const own = listeners.get(db) ?? new Set();
  listeners.set(db, own.add(listener));
}

/** Tells of a change that is kept. Inside a transaction nobody listens: whoever began it tells at its end. */
export function tellChange(db: Database | Transaction, change: StoreChange): void {
  if (change.ids.length > 0) listeners.get(db)?.forEach((listener) => listener(change));
}
