import type { Store } from './storeTypes';
import * as schema from './schema';
import { StoreError } from './StoreError';
import { isAway } from './storeRefusal';
import { upgradeStored } from './upgradeStored';

/** Any number that no other program is likely to lock in the same database. */
const startLock = 7_294_105_331;

/**
 * Opens a PostgreSQL server and migrates it. A connection that breaks is dropped and made anew when it is next needed.
 * Starts of several processes at once take turns.
 * @throws StoreError where the server cannot be reached or does not let us in.
 */
export async function openServer(url: string, migrationsFolder: string): Promise<Store> {
  const { default: pg } = await import('pg');
  const { drizzle } = await import('drizzle-orm/node-postgres');
  const { migrate } = await import('drizzle-orm/node-postgres/migrator');
  const pool = new pg.Pool({
    connectionString: url,
    connectionTimeoutMillis: 5000,
    keepAlive: true,
  });
  // Without a listener the end of an idle connection would end the process.
  pool.on('error', (error) =>
    console.error(`A connection to ${serverName(url)} ended:`, error.message),
  );
  const db = drizzle(pool, { schema, casing: 'snake_case' });
  const exclusively = async <Result>(work: () => Promise<Result>): Promise<Result> => {
    const client = await pool.connect();
    try {
      await client.query('select pg_advisory_lock($1)', [startLock]);
      return await work();
    } finally {
      // The lock goes with the connection, should it have broken meanwhile.
      await client.query('select pg_advisory_unlock($1)', [startLock]).catch(() => undefined);
      client.release();
    }
  };
  try {
    await exclusively(async () => {
      await migrate(db, { migrationsFolder });
      await upgradeStored(db);
    });
  } catch (error) {
    await pool.end();
    throw cannotOpen(url, error);
  }
  return { db, folder: undefined, isShared: true, exclusively, close: () => pool.end() };
}

/** A server as one names it to a person: without the password. */
export function serverName(url: string): string {
  try {
    const { hostname, port, pathname } = new URL(url);
    return `the PostgreSQL server ${hostname}${port && `:${port}`}, database ${pathname.slice(1)}`;
  } catch {
    return 'the PostgreSQL server';
  }
}

function cannotOpen(url: string, error: unknown): unknown {
  const reason = error instanceof Error ? error.message : String(error);
  const code = (error as { readonly code?: string }).code ?? '';
  if (isAway(error))
    return new StoreError(
      `${capital(serverName(url))}, does not answer. Check that it runs, then start again.`,
      { cause: error },
    );
  if (/^(28|3D|42501)/.test(code) || error instanceof TypeError)
    return new StoreError(
      `${capital(serverName(url))}, does not let us in: ${reason}. Check DATABASE_URL.`,
      { cause: error },
    );
  return error;
}

const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);
