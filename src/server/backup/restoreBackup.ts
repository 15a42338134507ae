import { count, sql } from 'drizzle-orm';
import { cards } from '../schema';
import type { Database, Transaction } from '../storeTypes';
import { upgradeCards } from '../upgradeStored';
import { BackupError } from './backupFormat';
import { backupTables, type BackupRow, type BackupTable } from './backupRows';
import { rowsOf, type CheckedBackup } from './checkBackup';

/** A statement takes only so many rows. */
const rowsAtOnce = 100;

/**
 * Fills an empty database from a backup, all or nothing.
 * @returns how many cards it holds now.
 * @throws BackupError when the database is not empty.
 */
export async function restoreBackup(db: Database, backup: CheckedBackup): Promise<number> {
  await db.transaction(async (tx) => {
    if (await holdsRows(tx))
      throw new BackupError('There are cards here already. Restore into an empty folder.');
    for await (const { into, rows } of together(rowsOf(backup)))
      await tx.insert(into.table).values(rows as (typeof into.table.$inferInsert)[]);
    await upgradeCards(tx);
  });
  const [counted] = await db.select({ count: count() }).from(cards);
  return counted?.count ?? 0;
}

/** Rows of one table that come one after the other, so many at a time; a card comes before what is of it. */
async function* together(
  all: AsyncIterable<BackupRow>,
): AsyncGenerator<{ readonly into: BackupTable; readonly rows: readonly BackupRow['row'][] }> {
  let into: BackupTable | undefined;
  let rows: BackupRow['row'][] = [];
  for await (const next of all) {
    if (into && (next.into !== into || rows.length >= rowsAtOnce)) {
      yield { into, rows };
      rows = [];
    }
    into = next.into;
    rows.push(next.row);
  }
  if (into && rows.length > 0) yield { into, rows };
}

async function holdsRows(tx: Transaction): Promise<boolean> {
  for (const { table } of backupTables) {
    const rows = await tx
      .select({ one: sql`1` })
      .from(table)
      .limit(1);
    if (rows.length > 0) return true;
  }
  return false;
}
