import type { ExtractTablesWithRelations } from 'drizzle-orm';
import type { PgDatabase, PgQueryResultHKT, PgTransaction } from 'drizzle-orm/pg-core';
import type * as schema from './schema';

/** PGlite or a PostgreSQL server; the same queries run on both. */
export type Database = PgDatabase<PgQueryResultHKT, typeof schema>;

/** Inside a transaction. */
export type Transaction = PgTransaction<
  PgQueryResultHKT,
  typeof schema,
  ExtractTablesWithRelations<typeof schema>
>;

/** An open database and how to close it. */
export interface Store {
  readonly db: Database;
  /** Where it is kept; undefined for a server or memory. */
  readonly folder: string | undefined;
  /** Does work that only one process may do at a time, such as filling an empty database. */
  readonly exclusively: <Result>(work: () => Promise<Result>) => Promise<Result>;
  readonly close: () => Promise<void>;
}

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
