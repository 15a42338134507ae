import { mkdir, readdir, rm } from 'node:fs/promises';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import type { Store } from './database';
import { lockFolder } from './lockFolder';
import * as schema from './schema';

export interface OpenOptions {
  /** The data folder; made when it is not there. Left out for a server or memory. */
  readonly folder?: string;
  /** Empties the folder first, once it is locked. */
  readonly isFresh?: boolean;
  /** A PostgreSQL server instead of a folder. */
  readonly url?: string | undefined;
  /** Called with a sentence before each step that takes a while. */
  readonly onProgress?: (sentence: string) => void;
}

const migrationsFolder = fileURLToPath(new URL('./migrations', import.meta.url));

/**
 * Opens the data folder under an exclusive lock (or a PostgreSQL server) and migrates it.
 * Drivers are imported when they are needed, so that only one of them is loaded.
 * @throws FolderInUseError when another process has the folder.
 */
export async function openStore({
  folder,
  isFresh = false,
  url,
  onProgress,
}: OpenOptions): Promise<Store> {
  if (url !== undefined) return openServer(url);
  if (folder === undefined) return openEmbedded(undefined, onProgress);
  await mkdir(folder, { recursive: true });
  const unlock = await lockFolder(folder);
  try {
    if (isFresh) await emptyFolder(folder);
    const store = await openEmbedded(folder, onProgress);
    return { db: store.db, close: () => store.close().finally(unlock) };
  } catch (error) {
    await unlock();
    throw error;
  }
}

async function emptyFolder(folder: string): Promise<void> {
  for (const name of await readdir(folder)) await rm(join(folder, name), { recursive: true });
}

async function openEmbedded(
  folder: string | undefined,
  onProgress: OpenOptions['onProgress'],
): Promise<Store> {
  const { PGlite } = await import('@electric-sql/pglite');
  const { drizzle } = await import('drizzle-orm/pglite');
  const { migrate } = await import('drizzle-orm/pglite/migrator');
  onProgress?.('Opening the database.');
  const client = await PGlite.create(folder === undefined ? {} : { dataDir: folder });
  try {
    const db = drizzle(client, { schema, casing: 'snake_case' });
    onProgress?.('Bringing the tables up to date.');
    await migrate(db, { migrationsFolder });
    return { db, close: () => client.close() };
  } catch (error) {
    await client.close();
    throw error;
  }
}

async function openServer(url: string): Promise<Store> {
  const { Pool } = (await import('pg')).default;
  const { drizzle } = await import('drizzle-orm/node-postgres');
  const { migrate } = await import('drizzle-orm/node-postgres/migrator');
  const pool = new Pool({ connectionString: url });
  const db = drizzle(pool, { schema, casing: 'snake_case' });
  await migrate(db, { migrationsFolder });
  return { db, close: () => pool.end() };
}
