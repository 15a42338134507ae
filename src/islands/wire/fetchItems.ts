import type { LibraryItem } from '../../core/plan/libraryItem';
import { getJson } from './postJson';

/** So many are read before the page may answer the hand again. */
const atOnce = 100;

const asked = new Map<string, Promise<readonly LibraryItem[]>>();

/**
 * The newest version of each item of these kinds, fetched once in the life of a page. What cannot be read of them is left
 * out; the schemas come with the first fetch, not with the page.
 * @throws Error with the sentence of what is wrong, where nothing can be fetched; the next call asks again.
 */
export function fetchItems(kinds: readonly LibraryItem['kind'][]): Promise<readonly LibraryItem[]> {
  const key = kinds.join(',');
  const known = asked.get(key);
  if (known) return known;
  const items = readItems(key);
  asked.set(key, items);
  items.catch(() => asked.delete(key));
  return items;
}

async function readItems(kinds: string): Promise<readonly LibraryItem[]> {
  const [reply, { libraryItemSchema }] = await Promise.all([
    getJson(`/api/library?kinds=${kinds}`, 'items'),
    import('../../core/plan/libraryItem'),
  ]);
  if (!reply.ok) throw new Error(reply.message);
  const read: LibraryItem[] = [];
  for (const [at, item] of reply.body.items.entries()) {
    if (at % atOnce === atOnce - 1) await new Promise((resolve) => setTimeout(resolve));
    const parsed = libraryItemSchema.safeParse(item);
    if (parsed.success) read.push(parsed.data);
  }
  return read;
}
