import { splitLines } from '../../src/server/backup/backupFormat';
import { checkBackup } from '../../src/server/backup/checkBackup';
import { writeBackup } from '../../src/server/backup/writeBackup';
import type { Database } from '../../src/server/storeTypes';
import { someTime } from './store';

export async function collect<Each>(all: AsyncIterable<Each>): Promise<readonly Each[]> {
  const collected: Each[] = [];
  for await (const each of all) collected.push(each);
  return collected;
}

/** The backup of a database as one text. */
export async function backupOf(db: Database): Promise<string> {
  return (await collect(writeBackup(db, someTime))).join('');
}

/** A backup as it comes off a disk, in parts that end anywhere. */
export const checkText = (backup: string) => checkBackup(() => splitLines(inParts(backup)));

async function* inParts(backup: string): AsyncGenerator<string> {
  for (let at = 0; at < backup.length; at += 5000) yield backup.slice(at, at + 5000);
}
