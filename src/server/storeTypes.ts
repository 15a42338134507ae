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
  /** Other processes may write to it too. */
  readonly isShared: boolean;
  /** Does work that only one process may do at a time, such as filling an empty database. */
  readonly exclusively: <Result>(work: () => Promise<Result>) => Promise<Result>;
  readonly close: () => Promise<void>;
}
