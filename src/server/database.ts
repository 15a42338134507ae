import type { Database, Store } from './storeTypes';

const key = Symbol.for('nibwright.store');
const held = globalThis as { [key]?: Promise<Store> };

/**
 * Makes a store the one every request uses. It is held on `globalThis`, because the launcher and the
 * pages are bundled apart and must share one connection.
 */
export function holdStore(store: Promise<Store>): Promise<Store> {
  held[key] = store;
  return store;
}

/**
 * The database of this process.
 * @throws Error when nothing opened it; in development it is opened on first use.
 */
export async function database(): Promise<Database> {
  return (await store()).db;
}

/**
 * The open store of this process.
 * @throws Error when nothing opened it; in development it is opened on first use.
 */
export async function store(): Promise<Store> {
  if (!held[key] && import.meta.env?.DEV) {
    const { openStore } = await import('./openStore');
    holdStore(openStore({ folder: process.env['NIBWRIGHT_DATA'] ?? 'data-demo' }));
  }
  if (!held[key]) throw new Error('database: expected holdStore to have been called at the start');
  return held[key];
}
