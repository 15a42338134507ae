import { sql } from 'drizzle-orm';
import { z } from 'zod';
import type { Database, Transaction } from './database';
import * as schema from './schema';

const day = z.string().nullable();
const moment = z.iso.datetime().transform((text) => new Date(text));
const json = z.unknown();

/**
 * The tables in the order they are filled, since a revision refers to its card, with what a row of each
 * looks like in a backup. What plans and items hold is checked where it is read, as ever.
 */
const tables = [
  {
    name: 'house',
    table: schema.house,
    row: z.object({ id: z.literal(1), name: z.string(), habits: json }),
  },
  {
    name: 'designers',
    table: schema.designers,
    row: z.object({ id: z.string(), name: z.string() }),
  },
  {
    name: 'releases',
    table: schema.releases,
    row: z.object({ id: z.string(), name: z.string(), onSale: day }),
  },
  {
    name: 'libraryItems',
    table: schema.libraryItems,
    row: z.object({ id: z.string(), version: z.number().int(), data: json }),
  },
  {
    name: 'holdings',
    table: schema.holdings,
    row: z.object({ itemId: z.string(), data: json }),
  },
  {
    name: 'cards',
    table: schema.cards,
    row: z.object({
      id: z.string(),
      plan: json,
      revision: z.number().int(),
      embedded: json,
      changedAt: moment,
      binnedAt: moment.nullable(),
    }),
  },
  {
    name: 'revisions',
    table: schema.revisions,
    row: z.object({
      cardId: z.string(),
      number: z.number().int(),
      saveId: z.string(),
      author: z.string().nullable(),
      at: moment,
      edits: json,
      plan: json,
    }),
  },
  {
    name: 'cutBatches',
    table: schema.cutBatches,
    row: z.object({ cardId: z.string(), data: json }),
  },
] as const;

const headSchema = z.object({
  format: z.literal('nibwright-backup'),
  version: z.literal(1),
  at: z.string(),
});
const lineSchema = z.object({ table: z.string(), row: z.record(z.string(), z.unknown()) });
const endSchema = z.object({ end: z.literal(true), rows: z.number().int() });

/** A backup that cannot be restored; the message says why and what to do. */
export class BackupError extends Error {}

/**
 * Everything the database holds as JSON lines: a head, a line for each row, and an end that counts them,
 * so that a file cut short is found out. Read in one transaction, so that it is of one moment, while
 * others go on working before and after.
 */
export async function writeBackup(db: Database, at: Date): Promise<string> {
  return db.transaction(
    async (tx) => {
      const lines: string[] = [
        JSON.stringify({ format: 'nibwright-backup', version: 1, at: at.toISOString() }),
      ];
      for (const { name, table } of tables)
        lines.push(
          ...(await tx.select().from(table))
            .map((row) => JSON.stringify({ table: name, row }))
            // The order the database keeps rows in means nothing; the same rows give the same file.
            .sort(),
        );
      lines.push(JSON.stringify({ end: true, rows: lines.length - 1 }));
      return `${lines.join('\n')}\n`;
    },
    { isolationLevel: 'repeatable read', accessMode: 'read only' },
  );
}

/**
 * Fills an empty database from a backup, all or nothing.
 * @returns how many cards it holds now.
 * @throws BackupError when the database is not empty, or the text is no whole backup.
 */
export async function readBackup(db: Database, text: string): Promise<number> {
  const lines = text.split('\n').filter((line) => line !== '');
  const head = headSchema.safeParse(parseLine(lines[0]));
  if (!head.success)
    throw new BackupError(
      'This file is no backup of Nibwright. Choose one that ends in .jsonl.gz.',
    );
  const end = endSchema.safeParse(parseLine(lines.at(-1)));
  if (!end.success || end.data.rows !== lines.length - 2)
    throw new BackupError(
      'This backup is cut short, so nothing was restored. Use another copy of it.',
    );
  await db.transaction(async (tx) => {
    if (await holdsRows(tx))
      throw new BackupError('There are cards here already. Restore into an empty folder.');
    for (const [index, line] of lines.slice(1, -1).entries()) await insertLine(tx, line, index + 2);
  });
  const [counted] = await db.select({ count: sql<number>`count(*)::int` }).from(schema.cards);
  return counted?.count ?? 0;
}

async function insertLine(tx: Transaction, line: string, number: number): Promise<void> {
  const parsed = lineSchema.safeParse(parseLine(line));
  const into = tables.find(({ name }) => parsed.success && name === parsed.data.table);
  const row = parsed.success ? into?.row.safeParse(parsed.data.row) : undefined;
  if (!into || !row?.success)
    throw new BackupError(`Line ${number} of this backup is damaged, so nothing was restored.`);
  await tx.insert(into.table).values(row.data as typeof into.table.$inferInsert);
}

async function holdsRows(tx: Transaction): Promise<boolean> {
  for (const { table } of tables)
    if (
      (
        await tx
          .select({ one: sql`1` })
          .from(table)
          .limit(1)
      ).length > 0
    )
      return true;
  return false;
}

function parseLine(line: string | undefined): unknown {
  try {
    return JSON.parse(line ?? '');
  } catch {
    return undefined;
  }
}
