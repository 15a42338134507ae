import { createReadStream, createWriteStream, existsSync } from 'node:fs';
import { open, rm } from 'node:fs/promises';
import { resolve } from 'node:path';
import { pipeline, type Readable } from 'node:stream';
import { pipeline as pipe } from 'node:stream/promises';
import { createGunzip, createGzip } from 'node:zlib';
import { openStore } from '../openStore';
import { serverName } from '../openServer';
import { folderSentence, StoreError } from '../StoreError';
import { BackupError, splitLines, type BackupLines } from './backupFormat';
import { checkBackup, type CheckedBackup } from './checkBackup';
import { restoreBackup } from './restoreBackup';
import { writeBackup } from './writeBackup';

/**
 * The commands behind `./nib backup` (where no Nibwright runs that could be asked) and `./nib restore`.
 * Arguments: what to do, the file, and for a restore `--leave-out-damaged`. Settings come from the environment as for
 * serving.
 */
const [what, ...options] = process.argv.slice(2);
const file = options.find((option) => !option.startsWith('--')) ?? '';
const folder = resolve(process.env['NIBWRIGHT_DATA'] ?? 'data');
const url = process.env['DATABASE_URL'];
const where = url ? serverName(url) : folder;

async function backup(): Promise<void> {
  if (existsSync(file))
    throw new BackupError(`There is a file ${file} already. Give another name: ./nib backup NAME`);
  const store = await openStore(url ? { url } : { folder });
  try {
    const into = createWriteStream(file, { flags: 'wx', mode: 0o600 });
    await pipe(writeBackup(store.db, new Date()), createGzip(), into);
    console.log(`The backup of ${where} is in ${file}.`);
  } finally {
    await store.close();
  }
}

async function restore(): Promise<void> {
  // Looked through before anything is opened, so that a bad file leaves everything as it was.
  const checked = await checkBackup(await linesOf(file));
  refuseDamaged(checked);
  const isNew = !url && !existsSync(folder);
  const store = await openStore(url ? { url } : { folder });
  let isRestored = false;
  try {
    const count = await restoreBackup(store.db, checked);
    isRestored = true;
    console.log(`${count} ${count === 1 ? 'card is' : 'cards are'} restored into ${where}.`);
  } finally {
    await store.close();
    if (isNew && !isRestored) await rm(folder, { recursive: true });
  }
}

function refuseDamaged({ damaged }: CheckedBackup): void {
  const [first] = damaged;
  if (!first) return;
  const list = damaged
    .slice(0, 20)
    .map(({ line, what: each, reason }) => `  line ${line}: ${each}: ${reason}`);
  const more = damaged.length > list.length ? [`  and ${damaged.length - list.length} more`] : [];
  const told = [...list, ...more].join('\n');
  if (!options.includes('--leave-out-damaged'))
    throw new BackupError(
      `This backup holds what cannot be read, so nothing was restored:\n${told}\n` +
        'Use another copy of it, or restore all the rest: ./nib restore FILE --leave-out-damaged',
    );
  console.log(`Left out:\n${told}`);
}

/** @throws BackupError where there is no such file; while reading, where it cannot be unpacked. */
async function linesOf(path: string): Promise<BackupLines> {
  const isPlain = (await firstByte(path)) === '{'.charCodeAt(0);
  return async function* () {
    const bytes = createReadStream(path);
    const text: Readable = isPlain ? bytes : pipeline(bytes, createGunzip(), () => undefined);
    try {
      yield* splitLines(text.setEncoding('utf8'));
    } catch {
      throw new BackupError('This file is no backup of Nibwright, or it is damaged.');
    }
  };
}

async function firstByte(path: string): Promise<number | undefined> {
  const file = await open(path).catch(() => {
    throw new BackupError(`There is no file ${path}. Give the path of a backup.`);
  });
  const { buffer, bytesRead } = await file.read(Buffer.alloc(1)).finally(() => file.close());
  return bytesRead > 0 ? buffer[0] : undefined;
}

(what === 'restore' ? restore() : backup()).catch((error: unknown) => {
  const sentence =
    error instanceof StoreError ? error.message : folderSentence(error, resolve(file));
  console.error(sentence ?? error);
  process.exitCode = 1;
});
