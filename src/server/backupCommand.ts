import { readFile, writeFile } from 'node:fs/promises';
import { resolve } from 'node:path';
import { promisify } from 'node:util';
import { gunzip, gzip } from 'node:zlib';
import { BackupError, readBackup, writeBackup } from './backup';
import { FolderInUseError } from './lockFolder';
import { openStore } from './openStore';

/**
 * The commands behind `./nib backup` (where no Nibwright runs that could be asked) and `./nib restore`.
 * Arguments: what to do, the file. Settings come from the environment as for serving.
 */
const [what, file = ''] = process.argv.slice(2);
const folder = resolve(process.env['NIBWRIGHT_DATA'] ?? 'data');
const url = process.env['DATABASE_URL'];

async function run(): Promise<void> {
  const text = what === 'restore' ? await readBackupFile(file) : undefined;
  const store = await openStore(url ? { url } : { folder });
  try {
    if (text !== undefined) {
      const count = await readBackup(store.db, text);
      console.log(`${count} ${count === 1 ? 'card is' : 'cards are'} restored into ${folder}.`);
    } else {
      const backup = await writeBackup(store.db, new Date());
      await writeFile(file, await promisify(gzip)(backup), { flag: 'wx' });
      console.log(`The backup of ${folder} is in ${file}.`);
    }
  } finally {
    await store.close();
  }
}

async function readBackupFile(path: string): Promise<string> {
  const bytes = await readFile(path).catch(() => {
    throw new BackupError(`There is no file ${path}. Give the path of a backup.`);
  });
  const isPlain = bytes[0] === 0x7b;
  if (isPlain) return bytes.toString('utf8');
  const plain = await promisify(gunzip)(bytes).catch(() => {
    throw new BackupError('This file is no backup of Nibwright, or it is damaged.');
  });
  return plain.toString('utf8');
}

run().catch((error: unknown) => {
  const isKnown = error instanceof BackupError || error instanceof FolderInUseError;
  console.error(isKnown ? error.message : error);
  process.exitCode = 1;
});
