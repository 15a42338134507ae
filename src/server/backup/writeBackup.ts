import { createHash } from 'node:crypto';
import {
  and,
  asc,
  eq,
  getTableColumns,
  gt,
  inArray,
  or,
  sql,
  type Column,
  type SQL,
} from 'drizzle-orm';
import type { PgTable } from 'drizzle-orm/pg-core';
import { groupBy } from '../../core/groupBy';
import type { CardId } from '../../core/plan/ids';
import {
  cards,
  cutBatches,
  designers,
  holdings,
  house,
  libraryItems,
  madeAhead,
  releases,
  revisions,
  workBatches,
} from '../schema';
import type { Database, Transaction } from '../storeTypes';
import type { TableName } from './backupRows';

/** So many rows are read at a time, so that others need not wait long for their turn. */
const cardsAtOnce = 25;
const revisionsAtOnce = 100;
const itemsAtOnce = 200;

/**
 * Everything the database holds as JSON lines: a head, a line for each row, and an end that counts them and carries their
 * digest. What the stash holds and what was cut from it are of one moment; each card is of one moment with its revisions;
 * items come last, so that those a card uses are there whoever adds some meanwhile. The rows come in the order of their
 * keys, so that the same rows give the same lines.
 * @returns lines with their ends, some at a time
 */
export async function* writeBackup(db: Database, at: Date): AsyncGenerator<string, void> {
  const digest = createHash('sha256');
  let rows = 0;
  const lines = (texts: readonly string[]) => {
    const text = texts.map((line) => `${line}\n`).join('');
    digest.update(text);
    return text;
  };
  yield lines([JSON.stringify({ format: 'nibwright-backup', version: 2, at: at.toISOString() })]);
  for await (const some of readRows(db)) {
    rows += some.length;
    yield lines(some);
  }
  yield `${JSON.stringify({ end: true, rows, sha256: digest.digest('hex') })}\n`;
}

async function* readRows(db: Database): AsyncGenerator<readonly string[]> {
  const { names, batches } = await readTeam(db);
  yield names;
  for await (const some of readCards(db, batches)) yield some;
  for await (const some of readLibrary(db)) yield some;
}

/** What is small, of one moment: the team, what there is in the stash, and by their cards the cut plans, the work and what is made ahead. */
async function readTeam(db: Database) {
  return db.transaction(
    async (tx) => {
      const names = [
        ...(await textsOf(tx, 'house', house, asc(house.id))),
        ...(await textsOf(tx, 'designers', designers, asc(designers.id))),
        ...(await textsOf(tx, 'releases', releases, asc(releases.id))),
        ...(await textsOf(tx, 'holdings', holdings, asc(holdings.itemId))),
      ];
      const cut = await tx
        .select({ cardId: cutBatches.cardId, text: rowText('cutBatches', cutBatches) })
        .from(cutBatches);
      const work = await tx
        .select({ cardId: workBatches.cardId, text: rowText('workBatches', workBatches) })
        .from(workBatches);
      const ahead = await tx
        .select({ cardId: madeAhead.cardId, text: rowText('madeAhead', madeAhead) })
        .from(madeAhead);
      return { names, batches: groupBy([...cut, ...work, ...ahead], ({ cardId }) => cardId) };
    },
    { isolationLevel: 'repeatable read', accessMode: 'read only' },
  );
}

async function textsOf(tx: Transaction, name: TableName, table: PgTable, order: SQL) {
  const rows = await tx
    .select({ text: rowText(name, table) })
    .from(table)
    .orderBy(order);
  return rows.map(({ text }) => text);
}

/** The cards by id, each followed by its revisions up to the one it is at, which never change, by its cut plan, the work on it and what is made ahead of it. */
async function* readCards(
  db: Database,
  batches: ReadonlyMap<string, readonly { readonly text: string }[]>,
): AsyncGenerator<readonly string[]> {
  const { id, revision } = cards;
  const pages = inPages((last: { readonly id: CardId } | undefined) =>
    db
      .select({ id, revision, text: rowText('cards', cards) })
      .from(cards)
      .where(last && gt(id, last.id))
      .orderBy(asc(id))
      .limit(cardsAtOnce),
  );
  for await (const some of pages) {
    yield some.map(({ text }) => text);
    for await (const texts of readRevisions(db, some)) yield texts;
    yield some.flatMap((card) => (batches.get(card.id) ?? []).map(({ text }) => text));
  }
}

async function* readRevisions(
  db: Database,
  of: readonly { readonly id: CardId; readonly revision: number }[],
): AsyncGenerator<readonly string[]> {
  const newest = new Map(of.map(({ id, revision }) => [id, revision]));
  const { cardId, number } = revisions;
  const pages = inPages((last: { readonly cardId: CardId; readonly number: number } | undefined) =>
    db
      .select({ cardId, number, text: rowText('revisions', revisions) })
      .from(revisions)
      .where(
        and(
          inArray(cardId, [...newest.keys()]),
          last && isAfter([cardId, last.cardId], [number, last.number]),
        ),
      )
      .orderBy(asc(cardId), asc(number))
      .limit(revisionsAtOnce),
  );
  for await (const some of pages)
    yield some.flatMap((row) => (row.number <= (newest.get(row.cardId) ?? 0) ? [row.text] : []));
}

async function* readLibrary(db: Database): AsyncGenerator<readonly string[]> {
  const { id, version } = libraryItems;
  const pages = inPages((last: { readonly id: string; readonly version: number } | undefined) =>
    db
      .select({ id, version, text: rowText('libraryItems', libraryItems) })
      .from(libraryItems)
      .where(last && isAfter([id, last.id], [version, last.version]))
      .orderBy(asc(id), asc(version))
      .limit(itemsAtOnce),
  );
  for await (const some of pages) yield some.map(({ text }) => text);
}

/**
 * Rows in the order of their keys, some at a time, until there are none.
 * @param read those after one, which is left out at first
 */
async function* inPages<Row, Last extends Row>(
  read: (last: Row | undefined) => Promise<readonly Last[]>,
): AsyncGenerator<readonly Last[]> {
  for (let last: Last | undefined; ;) {
    const some = await read(last);
    last = some.at(-1);
    if (!last) return;
    yield some;
  }
}

/** Whether a row comes after another by two columns of its key. */
function isAfter(
  [first, firstOf]: readonly [Column, unknown],
  [second, secondOf]: readonly [Column, unknown],
): SQL | undefined {
  return or(gt(first, firstOf), and(eq(first, firstOf), gt(second, secondOf)));
}

/** A row as a line of a backup, written by the database, which is several times quicker than by us. */
function rowText(name: TableName, table: PgTable): SQL<string> {
  const parts = Object.entries(getTableColumns(table)).map(([key, column]) => {
    const value =
      column.dataType === 'date'
        ? sql`to_char(${column} at time zone 'utc', 'YYYY-MM-DD"T"HH24:MI:SS.MS"Z"')`
        : sql`${column}`;
    return sql`${sql.raw(`'${key}'`)}, ${value}`;
  });
  const row = sql`json_build_object(${sql.join(parts, sql`, `)})`;
  return sql<string>`json_build_object('table', ${sql.raw(`'${name}'`)}, 'row', ${row})::text`;
}
