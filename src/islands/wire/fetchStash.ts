import type { ItemKind, LibraryItem } from '../../core/plan/libraryItem';
import type { Holding } from '../../core/stash/holding';
import { getJson } from './postJson';

/** Items, and what there is of them. */
export interface StashPart {
  readonly items: readonly LibraryItem[];
  readonly holdings: readonly Holding[];
}

/** So many are read before the page may answer the hand again. */
const atOnce = 100;

/**
 * What the stash holds of these kinds. An item that cannot be read is left out; the schemas come with the first fetch, not
 * with the page.
 * @throws Error with the sentence of what is wrong, where nothing can be fetched
 */
export function fetchStash(kinds: readonly ItemKind[]): Promise<StashPart> {
  return fetchPart(`?kinds=${kinds.join(',')}`);
}

/** All the stash holds, as `fetchStash` gives some of it. */
export function fetchWholeStash(): Promise<StashPart> {
  return fetchPart('');
}

/** Every version of these items, as `fetchStash` gives the newest of all. */
export function fetchVersions(ids: readonly string[]): Promise<StashPart> {
  return fetchPart(`?items=${ids.join(',')}`);
}

async function fetchPart(query: string): Promise<StashPart> {
  const [reply, { libraryItemSchema }] = await Promise.all([
    getJson(`/api/stash${query}`, 'stashPart'),
    import('../../core/plan/libraryItem'),
  ]);
  if (!reply.ok) throw new Error(reply.message);
  const items: LibraryItem[] = [];
  for (const [at, item] of reply.body.items.entries()) {
    if (at % atOnce === atOnce - 1) await new Promise((resolve) => setTimeout(resolve));
    const parsed = libraryItemSchema.safeParse(item);
    if (parsed.success) items.push(parsed.data);
  }
  return { items, holdings: reply.body.holdings };
}
