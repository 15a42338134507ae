import { createHash } from 'node:crypto';
import { sql } from 'drizzle-orm';
import { z } from 'zod';
import { storedBatchSchema } from '../core/cutting/cutBatch';
import { libraryItemSchema } from '../core/plan/libraryItem';
import { upgradePlan, type PlanIssue } from '../core/plan/upgradePlan';
import { holdingSchema } from '../core/stash/holding';
import { cleanJson } from '../core/text/readJson';
import type { Database, Transaction } from './storeTypes';
import * as schema from './schema';
import { StoreError } from './StoreError';
import { upgradeCards } from './upgradeStored';

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
    row: z.object({
      id: z.string(),
      version: z.number().int(),
      data: json,
      isTrimmed: z.boolean().default(false),
    }),
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
      /** Backups made before it was kept hold what versions 1 to 4 wrote. */
      planSchema: z.number().int().default(4),
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
  /** Backups of version 1 carry no digest. */
  version: z.union([z.literal(1), z.literal(2)]),
  at: z.string(),
});
const lineSchema = z.object({ table: z.string(), row: z.record(z.string(), z.unknown()) });
const endSchema = z.object({
  end: z.literal(true),
  rows: z.number().int(),
  /** SHA-256 of all lines before, each with its line end. */
  sha256: z.string().optional(),
});

/** A backup that cannot be restored; the message says why and what to do. */
export class BackupError extends StoreError {}

/** A line of a backup that holds something damaged. */
export interface Damage {
  /** From 1, as an editor counts. */
  readonly line: number;
  /** What it holds, as one names it: the card of a title, the item of a name. */
  readonly what: string;
  readonly reason: string;
}

/** A backup that was read and looked through, ready to fill a database. */
export interface CheckedBackup {
  readonly rows: readonly {
    readonly into: TableOf;
    readonly row: Readonly<Record<string, unknown>>;
  }[];
  readonly damaged: readonly Damage[];
}

type TableOf = (typeof tables)[number];

/**
 * Everything the database holds as JSON lines: a head, a line for each row, and an end that counts them and carries their
 * digest, so that a file cut short or changed is found out. Read in one transaction, so that it is of one moment, while
 * others go on working before and after.
 */
export async function writeBackup(db: Database, at: Date): Promise<string> {
  return db.transaction(
    async (tx) => {
      const lines: string[] = [
        JSON.stringify({ format: 'nibwright-backup', version: 2, at: at.toISOString() }),
      ];
      for (const { name, table } of tables)
        lines.push(
          ...(await tx.select().from(table))
            .map((row) => JSON.stringify({ table: name, row }))
            // The order the database keeps rows in means nothing; the same rows give the same file.
            .sort(),
        );
      const text = `${lines.join('\n')}\n`;
      return `${text}${JSON.stringify({ end: true, rows: lines.length - 1, sha256: digest(text) })}\n`;
    },
    { isolationLevel: 'repeatable read', accessMode: 'read only' },
  );
}

/**
 * Reads a backup and looks every line through, touching no database.
 * @throws BackupError when the text is no whole backup, or was changed since it was written.
 */
export function checkBackup(text: string): CheckedBackup {
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
  const body = `${lines.slice(0, -1).join('\n')}\n`;
  if (head.data.version > 1 && end.data.sha256 !== digest(body))
    throw new BackupError(
      'This backup was changed since it was written, so nothing was restored. Use another copy of it.',
    );
  const checked = lines.slice(1, -1).map((line, at) => checkLine(line, at + 2));
  const damaged = checked.flatMap((each) => ('reason' in each ? [each] : []));
  const lost = new Set(damaged.flatMap(({ cardId }) => (cardId === undefined ? [] : [cardId])));
  return {
    rows: checked.flatMap((each) =>
      'into' in each && !lost.has(String(each.row['cardId'])) ? [each] : [],
    ),
    damaged,
  };
}

/**
 * Fills an empty database from a backup, all or nothing.
 * @returns how many cards it holds now.
 * @throws BackupError when the database is not empty.
 */
export async function restoreBackup(db: Database, { rows }: CheckedBackup): Promise<number> {
  await db.transaction(async (tx) => {
    if (await holdsRows(tx))
      throw new BackupError('There are cards here already. Restore into an empty folder.');
    for (const { table, name } of tables)
      for (const some of chunks(rows.filter(({ into }) => into.name === name)))
        await tx.insert(table).values(some.map(({ row }) => row as typeof table.$inferInsert));
    await upgradeCards(tx);
  });
  const [counted] = await db.select({ count: sql<number>`count(*)::int` }).from(schema.cards);
  return counted?.count ?? 0;
}

type CheckedLine =
  | CheckedBackup['rows'][number]
  | (Damage & {
      /** The card that cannot be restored without it. */
      readonly cardId?: string | undefined;
    });

function checkLine(text: string, line: number): CheckedLine {
  const parsed = lineSchema.safeParse(parseLine(text));
  const into = tables.find(({ name }) => parsed.success && name === parsed.data.table);
  const row = parsed.success ? into?.row.safeParse(cleanJson(parsed.data.row)) : undefined;
  if (!into || !row?.success)
    return { line, what: into?.name ?? 'something', reason: 'it is no row of that table' };
  const failure = failureOf(into.name, row.data);
  return failure ? { line, ...failure } : { into, row: row.data };
}

/** What is wrong with what a row holds, by its table; undefined where nothing is. */
function failureOf(
  table: TableOf['name'],
  row: Readonly<Record<string, unknown>>,
): (Omit<Damage, 'line'> & { readonly cardId?: string }) | undefined {
  switch (table) {
    case 'cards': {
      const read = upgradePlan(row['plan']);
      const cardId = String(row['id']);
      if (!read.ok) return { what: `card ${cardId}`, reason: planReason(read.issue), cardId };
      const embedded = z.array(libraryItemSchema).safeParse(row['embedded']);
      const what = `card ${cardId}, ${read.plan.about.title}`;
      return embedded.success ? undefined : { what, reason: reasonOf(embedded.error), cardId };
    }
    case 'revisions': {
      const cardId = String(row['cardId']);
      if (row['plan'] === null) return undefined;
      const read = upgradePlan(row['plan']);
      const what = `revision ${String(row['number'])} of card ${cardId}`;
      return read.ok ? undefined : { what, reason: planReason(read.issue), cardId };
    }
    case 'libraryItems': {
      const read = libraryItemSchema.safeParse(row['data']);
      const what = `item ${String(row['id'])}, version ${String(row['version'])}`;
      return read.success ? undefined : { what, reason: reasonOf(read.error) };
    }
    case 'holdings': {
      const read = holdingSchema.safeParse(row['data']);
      const what = `what there is of ${String(row['itemId'])}`;
      return read.success ? undefined : { what, reason: reasonOf(read.error) };
    }
    case 'cutBatches': {
      const read = storedBatchSchema.safeParse(row['data']);
      const what = `cut plan of card ${String(row['cardId'])}`;
      return read.success ? undefined : { what, reason: reasonOf(read.error) };
    }
    case 'house':
    case 'designers':
    case 'releases':
      return undefined;
    default:
      throw new TypeError(`failureOf: unknown table ${String(table satisfies never)}`);
  }
}

function planReason(issue: PlanIssue): string {
  return issue.code === 'newer'
    ? `its plan was written by a newer Nibwright (version ${issue.schema})`
    : `${issue.path}: ${issue.reason}`;
}

function reasonOf({ issues: [first] }: z.ZodError): string {
  return `${first?.path.join('.') ?? ''}: ${first?.message ?? ''}`;
}

/** A statement takes only so many rows. */
function chunks<Row>(rows: readonly Row[]): readonly (readonly Row[])[] {
  const size = 200;
  return Array.from({ length: Math.ceil(rows.length / size) }, (_, at) =>
    rows.slice(at * size, (at + 1) * size),
  );
}

const digest = (text: string) => createHash('sha256').update(text).digest('hex');

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
