import { eq, inArray, sql } from 'drizzle-orm';
import type { LibraryId } from '../../core/plan/ids';
import { libraryItemSchema, type ItemKind, type LibraryItem } from '../../core/plan/libraryItem';
import { holdingSchema, type Holding } from '../../core/stash/holding';
import { emptyHolding } from '../../core/stash/holdings';
import type { StashChange } from '../../core/stash/stashChange';
import type { Database, Transaction } from '../storeTypes';
import { holdings, libraryItems } from '../schema';
import { tellChange } from '../storeChanges';
import { chunksOf } from '../chunksOf';

/** A statement takes only so many rows. */
const rowsAtOnce = 500;

/**
 * The holdings there are.
 * @param ids only of these items; left out, of all
 */
export async function readHoldings(
  db: Database | Transaction,
  ids?: readonly string[],
): Promise<readonly Holding[]> {
  const rows = await db
    .select()
    .from(holdings)
    .where(ids && inArray(holdings.itemId, [...ids]))
    .orderBy(holdings.itemId);
  return rows.map(({ data }) => holdingSchema.parse(data));
}

/** The holdings of items of these kinds, as JSON that is not looked through. */
export async function holdingTexts(
  db: Database,
  kinds: readonly ItemKind[],
): Promise<readonly string[]> {
  const ofKinds = db
    .select({ id: libraryItems.id })
    .from(libraryItems)
    .where(inArray(sql`${libraryItems.data}->>'kind'`, [...kinds]));
  const rows = await db
    .select({ text: sql<string>`${holdings.data}::text` })
    .from(holdings)
    .where(inArray(holdings.itemId, ofKinds))
    .orderBy(holdings.itemId);
  return rows.map(({ text }) => text);
}

/** The holding of an item; an empty one where nothing is known of it. */
export async function readHolding(db: Database | Transaction, itemId: LibraryId): Promise<Holding> {
  const [row] = await db.select().from(holdings).where(eq(holdings.itemId, itemId));
  return row ? holdingSchema.parse(row.data) : emptyHolding(itemId);
}

export async function writeHolding(db: Database | Transaction, holding: Holding): Promise<void> {
  const data = holdingSchema.parse(holding);
  await db
    .insert(holdings)
    .values({ itemId: data.itemId, data })
    .onConflictDoUpdate({ target: holdings.itemId, set: { data } });
}

/** Adds holdings, leaving alone those there already. */
export async function ensureHoldings(db: Database, all: readonly Holding[]): Promise<void> {
  if (all.length === 0) return;
  const rows = all.map((each) => {
    const data = holdingSchema.parse(each);
    return { itemId: data.itemId, data };
  });
  await db.insert(holdings).values(rows).onConflictDoNothing();
}

/**
 * Lets no other transaction change the stash until this one ends, so that versions follow one another and what is taken
 * is taken once; reading goes on.
 */
export async function lockStash(tx: Transaction): Promise<void> {
  await tx.execute(sql`lock table ${libraryItems}, ${holdings} in share row exclusive mode`);
}

/** What a change of the stash led to. */
export interface StashState {
  readonly items: readonly LibraryItem[];
  readonly holdings: readonly Holding[];
}

/** Makes changes of the stash, all or none, and gives what was written. */
export async function changeStash(
  db: Database,
  changes: readonly StashChange[],
): Promise<StashState> {
  const state = await writeChanges(db, changes);
  tellChange(db, { of: 'items', ids: state.items.map(({ id }) => id) });
  return state;
}

async function writeChanges(db: Database, changes: readonly StashChange[]): Promise<StashState> {
  return db.transaction(async (tx) => {
    await lockStash(tx);
    const ids = [...new Set(changes.map(({ itemId }) => itemId))];
    const known = await tx
      .select({ id: libraryItems.id, version: sql<number>`max(${libraryItems.version})::int` })
      .from(libraryItems)
      .where(inArray(libraryItems.id, ids))
      .groupBy(libraryItems.id);
    const versions = new Map(known.map(({ id, version }) => [id, version]));
    const items = changes.flatMap(({ itemId, item }): LibraryItem[] => {
      if (!item) return [];
      const version = (versions.get(itemId) ?? 0) + 1;
      versions.set(itemId, version);
      return [libraryItemSchema.parse({ ...item, version })];
    });
    for (const rows of chunksOf(
      items.map((data) => ({ id: data.id, version: data.version, data })),
      rowsAtOnce,
    ))
      await tx.insert(libraryItems).values([...rows]);
    // The last word on each: a row can be written only once in a statement.
    const changed = [
      ...new Map(
        changes.flatMap(({ holding }) => (holding ? [[holding.itemId, holding]] : [])),
      ).values(),
    ];
    for (const rows of chunksOf(
      changed.map((data) => ({ itemId: data.itemId, data })),
      rowsAtOnce,
    ))
      await tx
        .insert(holdings)
        .values([...rows])
        .onConflictDoUpdate({ target: holdings.itemId, set: { data: sql`excluded.data` } });
    return { items, holdings: changed };
  });
}
