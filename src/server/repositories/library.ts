import { asc, inArray, sql } from 'drizzle-orm';
import { libraryItemSchema, type LibraryItem } from '../../core/plan/libraryItem';
import { findItem, type Library } from '../../core/plan/library';
import type { Database, Transaction } from '../storeTypes';
import { libraryItems } from '../schema';

/** Items read before, each database its own, by id and version: a version never changes. */
const known = new WeakMap<Database, Map<string, LibraryItem>>();
const keyOf = ({ id, version }: { readonly id: string; readonly version: number }) =>
  `${id} ${version}`;

/** Every version of every item, by id and then version. */
export async function readLibrary(db: Database): Promise<Library> {
  const items = known.get(db) ?? new Map<string, LibraryItem>();
  known.set(db, items);
  const { id, version, data } = libraryItems;
  const listed = await db.select({ id, version }).from(libraryItems).orderBy(asc(id), asc(version));
  const missing = [
    ...new Set(listed.filter((each) => !items.has(keyOf(each))).map((each) => each.id)),
  ];
  if (missing.length > 0)
    for (const item of readItems(
      (await db.select({ data }).from(libraryItems).where(inArray(id, missing))).map(
        (row) => row.data,
      ),
      'the stash',
    ))
      items.set(keyOf(item), item);
  return listed.flatMap((each) => items.get(keyOf(each)) ?? []);
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
