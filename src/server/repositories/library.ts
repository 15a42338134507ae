import { asc, inArray, sql } from 'drizzle-orm';
import { libraryItemSchema, type LibraryItem } from '../../core/plan/libraryItem';
import { findItem, type Library } from '../../core/plan/library';
import type { Database, Transaction } from '../storeTypes';
import { libraryItems } from '../schema';

/** What was read of a database: items by id and version, since a version never changes, and the read under way. */
interface Known {
  readonly items: Map<string, LibraryItem>;
  reading: Promise<void>;
}
const known = new WeakMap<Database, Known>();
const keyOf = ({ id, version }: { readonly id: string; readonly version: number }) =>
  `${id} ${version}`;

/** Every version of every item, by id and then version. */
export async function readLibrary(db: Database): Promise<Library> {
  const mine = known.get(db) ?? {
    items: new Map<string, LibraryItem>(),
    reading: Promise.resolve(),
  };
  known.set(db, mine);
  const { id, version } = libraryItems;
  const listed = await db.select({ id, version }).from(libraryItems).orderBy(asc(id), asc(version));
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

/** Items as they were kept; one that is damaged is left out and told in the log, so that it takes none of the others along. */
export function readItems(documents: readonly unknown[], whose: string): readonly LibraryItem[] {
  return documents.flatMap((document) => {
    const parsed = libraryItemSchema.safeParse(document);
    if (parsed.success) return [parsed.data];
    const [first] = parsed.error.issues;
    console.error(`${whose} holds a damaged item: ${first?.path.join('.')}: ${first?.message}`);
    return [];
  });
}

/** How many versions of items there are; it grows whenever anything of the stash comes or changes. */
export async function countItems(db: Database): Promise<number> {
  const [row] = await db.select({ count: sql<number>`count(*)::int` }).from(libraryItems);
  return row?.count ?? 0;
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
