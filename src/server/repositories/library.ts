import { asc, desc, inArray, max, sql } from 'drizzle-orm';
import { libraryItemSchema, type ItemKind, type LibraryItem } from '../../core/plan/libraryItem';
import { findItem, type Library } from '../../core/plan/library';
import type { Database, Transaction } from '../storeTypes';
import { libraryItems } from '../schema';
import { tellChange } from '../storeChanges';
import { readItems } from './readItems';

/** What was read of a database: items by id and version, since a version never changes, and the read under way. */
interface Known {
  readonly items: Map<string, LibraryItem>;
  reading: Promise<void>;
}
const known = new WeakMap<Database, Known>();
const keyOf = ({ id, version }: { readonly id: string; readonly version: number }) =>
  `${id} ${version}`;

/**
 * Every version of every item, by id and then version.
 * @param ids only of these items; left out, of all
 */
export async function readLibrary(db: Database, ids?: readonly string[]): Promise<Library> {
  const mine = known.get(db) ?? {
    items: new Map<string, LibraryItem>(),
    reading: Promise.resolve(),
  };
  known.set(db, mine);
  const { id, version } = libraryItems;
  const listed = await db
    .select({ id, version })
    .from(libraryItems)
    .where(ids && inArray(id, [...ids]))
    .orderBy(asc(id), asc(version));
  // One after the other: those who ask at the same time find what the first has read, and do not read it again.
  const reading = mine.reading.then(() => readMissing(db, listed, mine.items));
  mine.reading = reading.catch(() => undefined);
  await reading;
  return listed.flatMap((each) => mine.items.get(keyOf(each)) ?? []);
}

async function readMissing(
  db: Database,
  listed: readonly { readonly id: string; readonly version: number }[],
  items: Map<string, LibraryItem>,
): Promise<void> {
  const missing = new Set(listed.filter((each) => !items.has(keyOf(each))).map((each) => each.id));
  if (missing.size === 0) return;
  const { id, data } = libraryItems;
  const rows = await db
    .select({ data })
    .from(libraryItems)
    .where(inArray(id, [...missing]));
  for (const item of readItems(
    rows.map((row) => row.data),
    'the stash',
  ))
    items.set(keyOf(item), item);
}

/**
 * The newest version of each item by its id.
 * @param ids only of these items; left out, of all
 */
export async function newestVersions(
  db: Database,
  ids?: readonly string[],
): Promise<ReadonlyMap<string, number>> {
  const { id, version } = libraryItems;
  const rows = await db
    .select({ id, newest: max(version) })
    .from(libraryItems)
    .where(ids && inArray(id, [...ids]))
    .groupBy(id);
  return new Map(rows.map((row) => [row.id, row.newest ?? 0]));
}

/** How many versions of items there are; it grows whenever anything of the stash comes or changes. */
export async function countItems(db: Database): Promise<number> {
  return db.$count(libraryItems);
}

/** The newest version of each item of these kinds, by id, as JSON that is not looked through. */
export async function newestTexts(
  db: Database,
  kinds: readonly ItemKind[],
): Promise<readonly string[]> {
  const { id, version, data } = libraryItems;
  const rows = await db
    .selectDistinctOn([id], { text: sql<string>`${data}::text` })
    .from(libraryItems)
    .where(inArray(sql`${data}->>'kind'`, [...kinds]))
    .orderBy(asc(id), desc(version));
  return rows.map(({ text }) => text);
}

/** Adds items; one whose id and version are taken stays out, since a version never changes. */
export async function addToLibrary(
  db: Database | Transaction,
  items: readonly LibraryItem[],
): Promise<void> {
  if (items.length === 0) return;
  const rows = items.map((item) => {
    const data = libraryItemSchema.parse(item);
    return { id: data.id, version: data.version, data };
  });
  await db.insert(libraryItems).values(rows).onConflictDoNothing();
  tellChange(db, { of: 'items', ids: rows.map(({ id }) => id) });
}

/**
 * Sorts what an imported card brings: items the library lacks, and items whose id and version it
 * holds with other contents, which stay with the card.
 */
export function sortEmbedded(
  library: Library,
  embedded: Library,
): { readonly added: readonly LibraryItem[]; readonly clashing: readonly LibraryItem[] } {
  const own = (item: LibraryItem) => findItem(library, item);
  const same = (a: LibraryItem, b: LibraryItem) => JSON.stringify(a) === JSON.stringify(b);
  return {
    added: embedded.filter((item) => !own(item)),
    clashing: embedded.filter((item) => {
      const held = own(item);
      return (
        held !== undefined && !same(libraryItemSchema.parse(held), libraryItemSchema.parse(item))
      );
    }),
  };
}
