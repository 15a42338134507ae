import { z } from 'zod';
import { storedBatchSchema } from '../../core/cutting/cutBatch';
import { libraryItemSchema } from '../../core/plan/libraryItem';
import { madeAheadSchema } from '../../core/process/ahead';
import { workBatchSchema } from '../../core/process/workBatch';
import { upgradePlan, type PlanIssue } from '../../core/plan/upgradePlan';
import { plainMail } from '../../core/stash/plainMail';
import { holdingSchema } from '../../core/stash/holding';
import * as schema from '../schema';

const day = z.string().nullable();
const moment = z.iso.datetime().transform((text) => new Date(text));
const json = z.unknown();

/**
 * The tables with what a row of each looks like in a backup. What plans and items hold is checked where it is read, as
 * ever. What stands on the Ledge is not kept: it is computed again.
 */
export const backupTables = [
  {
    name: 'house',
    table: schema.house,
    row: z.object({
      id: z.literal(1),
      name: z.string(),
      habits: json,
      mail: json.default(plainMail),
    }),
  },
  {
    name: 'designers',
    table: schema.designers,
    row: z.object({ id: z.string(), name: z.string(), evenings: json.default(null) }),
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
  {
    name: 'workBatches',
    table: schema.workBatches,
    row: z.object({ cardId: z.string(), data: json }),
  },
  {
    name: 'madeAhead',
    table: schema.madeAhead,
    row: z.object({ cardId: z.string(), data: json }),
  },
] as const;

export type BackupTable = (typeof backupTables)[number];
export type TableName = BackupTable['name'];

/** A row of a table as it was read from a backup. */
export interface BackupRow {
  readonly into: BackupTable;
  readonly row: Readonly<Record<string, unknown>>;
}

/** What is wrong with what a row holds; the card that cannot be restored without it. */
export interface RowFailure {
  /** What it holds, as one names it: the card of a title, the item of a name. */
  readonly what: string;
  readonly reason: string;
  readonly cardId?: string;
}

/** The card a row belongs to; undefined for rows of no card. */
export function cardOfRow({ into, row }: BackupRow): string | undefined {
  if (into.name === 'cards') return String(row['id']);
  return 'cardId' in row ? String(row['cardId']) : undefined;
}

/** What is wrong with what a row holds, by its table; undefined where nothing is. */
export function failureOf(
  table: TableName,
  row: Readonly<Record<string, unknown>>,
): RowFailure | undefined {
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
    case 'workBatches': {
      const read = workBatchSchema.safeParse(row['data']);
      const what = `work on card ${String(row['cardId'])}`;
      return read.success ? undefined : { what, reason: reasonOf(read.error) };
    }
    case 'madeAhead': {
      const read = madeAheadSchema.safeParse(row['data']);
      const what = `what is made ahead of card ${String(row['cardId'])}`;
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
