import { chmod, lstat, mkdir, readdir, rm, statfs, writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import { lockName } from './lockFolder';
import { fullSentence, leastFreeMegabytes, StoreError } from './StoreError';

/** Marks a folder that was made for the demo, and so may be emptied for a fresh one. */
export const demoMarker = '.nibwright-demo';
const markerText =
  'Nibwright made this folder for its demo. `./nib demo --fresh` removes the database in it.\n';

/** What a database is made of, within its folder. */
const ofDatabase =
  /^(PG_VERSION|base|global|pg_\w+|postgresql(\.auto)?\.conf|postmaster\.(pid|opts))$/;

/** Makes a data folder where there is none, for nobody but its owner. @returns whether there was nothing in it */
export async function makeFolder(folder: string): Promise<boolean> {
  await mkdir(folder, { recursive: true, mode: 0o700 });
  return (await readdir(folder)).every((name) => name === lockName);
}

/** Marks a folder as one of the demo's; only a new one may be. */
export async function markDemo(folder: string): Promise<void> {
  await writeFile(join(folder, demoMarker), markerText, { mode: 0o600 });
}

/**
 * Removes the database from a folder that was made for the demo; what else lies in it stays.
 * @throws StoreError where the folder was not made for the demo.
 */
export async function emptyDemoFolder(folder: string): Promise<void> {
  const names = await readdir(folder);
  if (!names.includes(demoMarker))
    throw new StoreError(
      `The folder ${folder} was not made by ./nib demo, so --fresh leaves it as it is. ` +
        'Name another one, NIBWRIGHT_DATA=folder ./nib demo --fresh, or remove it yourself.',
    );
  for (const name of names)
    if (ofDatabase.test(name)) await rm(join(folder, name), { recursive: true });
}

/** Takes the rights of all other users away: the database makes its files with rights for everyone. */
export async function closeToOthers(folder: string): Promise<void> {
  if (process.platform === 'win32') return;
  await chmod(folder, 0o700);
  const names = (await readdir(folder)).filter((name) => ofDatabase.test(name));
  for (const name of names) await closeBelow(join(folder, name));
}

async function closeBelow(path: string): Promise<void> {
  const found = await lstat(path);
  if (found.isSymbolicLink()) return;
  await chmod(path, found.isDirectory() ? 0o700 : 0o600);
  if (found.isDirectory())
    for (const name of await readdir(path)) await closeBelow(join(path, name));
}

/** Megabytes that are free where a folder lies; Infinity where that is not told. */
export async function freeMegabytes(folder: string): Promise<number> {
  try {
    const { bavail, bsize } = await statfs(folder);
    return Math.floor((bavail * bsize) / 1e6);
  } catch {
    return Infinity;
  }
}

/** @throws StoreError where the disk has no room for what the database writes. */
export async function requireRoom(folder: string): Promise<void> {
  const free = await freeMegabytes(folder);
  if (free < leastFreeMegabytes) throw new StoreError(fullSentence(folder, free));
}
