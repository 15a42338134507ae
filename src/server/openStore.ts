import { fileURLToPath } from 'node:url';
import type { Store } from './storeTypes';
import { closeToOthers, emptyDemoFolder, makeFolder, markDemo, requireRoom } from './dataFolder';
import { lockFolder } from './lockFolder';
import { openServer } from './openServer';
import * as schema from './schema';
import { folderSentence, StoreError } from './StoreError';
import { upgradeStored } from './upgradeStored';

export interface OpenOptions {
  /** The data folder; made when it is not there. Left out for a server or memory. */
  readonly folder?: string;
  /** A folder that is made now is the demo's, and may be emptied later. */
  readonly isDemo?: boolean;
  /** Empties the demo's folder first, once it is locked. */
  readonly isFresh?: boolean;
  /** A PostgreSQL server instead of a folder. */
  readonly url?: string | undefined;
  /** Called with a sentence before each step that takes a while. */
  readonly onProgress?: (sentence: string) => void;
}

export const migrationsFolder = fileURLToPath(new URL('./migrations', import.meta.url));

/**
 * Opens the data folder under an exclusive lock (or a PostgreSQL server) and migrates it.
 * Drivers are imported when they are needed, so that only one of them is loaded.
 * @throws FolderInUseError when another process has the folder; StoreError when it cannot be opened for any reason a
 * person can mend.
 */
export async function openStore(options: OpenOptions): Promise<Store> {
  const { folder, url, onProgress } = options;
  if (url !== undefined) return openServer(url, migrationsFolder);
  if (folder === undefined) return openEmbedded(undefined, onProgress);
  try {
    return await openFolder(folder, options);
  } catch (error) {
    const sentence = folderSentence(error, folder);
    throw sentence === undefined ? error : new StoreError(sentence, { cause: error });
  }
}

async function openFolder(
  folder: string,
  { isDemo = false, isFresh = false, onProgress }: OpenOptions,
): Promise<Store> {
  // The database makes its files with rights for everyone, as far as the process lets it.
  process.umask(0o077);
  const isNew = await makeFolder(folder);
  const unlock = await lockFolder(folder);
  try {
    await requireRoom(folder);
    if (isNew && isDemo) await markDemo(folder);
    if (isFresh && !isNew) await emptyDemoFolder(folder);
    const store = await openEmbedded(folder, onProgress);
    await closeToOthers(folder);
    return { ...store, folder, close: () => store.close().finally(unlock) };
  } catch (error) {
    await unlock();
    throw error;
  }
}

async function openEmbedded(
  folder: string | undefined,
  onProgress: OpenOptions['onProgress'],
): Promise<Store> {
  const { PGlite } = await import('@electric-sql/pglite');
  const { drizzle } = await import('drizzle-orm/pglite');
  const { migrate } = await import('drizzle-orm/pglite/migrator');
  onProgress?.('Opening the database.');
  const client = await PGlite.create(folder === undefined ? {} : { dataDir: folder }).catch(
    (error: unknown) => {
      throw folder === undefined ? error : damaged(folder, error);
    },
  );
  try {
    const db = drizzle(client, { schema, casing: 'snake_case' });
    onProgress?.('Bringing the tables up to date.');
    await migrate(db, { migrationsFolder });
    await upgradeStored(db, onProgress);
    return {
      db,
      folder: undefined,
      isShared: false,
      exclusively: (work) => work(),
      close: () => client.close(),
    };
  } catch (error) {
    await client.close();
    throw error;
  }
}

function damaged(folder: string, cause: unknown): unknown {
  if (folderSentence(cause, folder) !== undefined) return cause;
  return new StoreError(
    `The database in ${folder} cannot be opened: it is damaged, or another program wrote into it. ` +
      'It was left as it is. Restore a backup into another folder: NIBWRIGHT_DATA=folder ./nib restore FILE',
    { cause },
  );
}
