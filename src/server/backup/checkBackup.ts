import { createHash } from 'node:crypto';
import { cleanJson } from '../../core/text/readJson';
import {
  BackupError,
  endSchema,
  headSchema,
  lineSchema,
  parseLine,
  type BackupLines,
} from './backupFormat';
import { backupTables, cardOfRow, failureOf, type BackupRow, type RowFailure } from './backupRows';

/** A line of a backup that holds something damaged. */
export interface Damage extends RowFailure {
  /** From 1, as an editor counts. */
  readonly line: number;
}

/** A backup that was looked through, ready to fill a database. */
export interface CheckedBackup {
  readonly lines: BackupLines;
  readonly damaged: readonly Damage[];
  /** Cards that are left out, since something of them is damaged. */
  readonly lost: ReadonlySet<string>;
}

/**
 * Looks every line of a backup through, touching no database.
 * @throws BackupError when it is no whole backup, or was changed since it was written.
 */
export async function checkBackup(lines: BackupLines): Promise<CheckedBackup> {
  const digest = createHash('sha256');
  const damaged: Damage[] = [];
  let version: number | undefined;
  /** The line before, which is the end where no other comes. */
  let before: string | undefined;
  let count = 0;
  for await (const line of lines()) {
    if (line === '') continue;
    version ??= requireHead(line);
    if (before !== undefined) {
      digest.update(`${before}\n`);
      const checked = count === 1 ? undefined : readRow(before);
      if (checked && 'reason' in checked) damaged.push({ line: count, ...checked });
    }
    before = line;
    count++;
  }
  if (version === undefined) throw noBackup();
  const end = endSchema.safeParse(parseLine(before));
  if (!end.success || end.data.rows !== count - 2)
    throw new BackupError(
      'This backup is cut short, so nothing was restored. Use another copy of it.',
    );
  if (version > 1 && end.data.sha256 !== digest.digest('hex'))
    throw new BackupError(
      'This backup was changed since it was written, so nothing was restored. Use another copy of it.',
    );
  const lost = new Set(damaged.flatMap(({ cardId }) => (cardId === undefined ? [] : [cardId])));
  return { lines, damaged, lost };
}

/** The rows that can be restored, in the order of the backup. */
export async function* rowsOf({ lines, lost }: CheckedBackup): AsyncGenerator<BackupRow> {
  for await (const line of lines()) {
    const read = readRow(line);
    if ('reason' in read) continue;
    const card = cardOfRow(read);
    if (card === undefined || !lost.has(card)) yield read;
  }
}

function requireHead(line: string): number {
  const head = headSchema.safeParse(parseLine(line));
  if (!head.success) throw noBackup();
  return head.data.version;
}

const noBackup = () =>
  new BackupError('This file is no backup of Nibwright. Choose one that ends in .jsonl.gz.');

/** The row of a line; or what is wrong with it, the head and the end being no rows. */
function readRow(text: string): BackupRow | RowFailure {
  const parsed = lineSchema.safeParse(parseLine(text));
  const into = backupTables.find(({ name }) => parsed.success && name === parsed.data.table);
  const row = parsed.success ? into?.row.safeParse(cleanJson(parsed.data.row)) : undefined;
  if (!into || !row?.success)
    return { what: into?.name ?? 'something', reason: 'it is no row of that table' };
  return failureOf(into.name, row.data) ?? { into, row: row.data };
}
