import type { LibraryItem } from '../../core/plan/libraryItem';
import type { StashChange } from '../../core/stash/stashChange';
import { postJson } from './postJson';

/** Makes changes of the stash, all or none, and answers what was written. */
export function keepInStash(changes: readonly StashChange[]) {
  return postJson('/api/stash', { changes }, 'stash');
}

/** Keeps an item as its next version. @returns it as it was kept, or the sentence why it was not */
export async function keepItem(item: LibraryItem): Promise<LibraryItem | string> {
  const reply = await keepInStash([{ itemId: item.id, item }]);
  if (!reply.ok) return reply.message;
  return reply.body.items.find(({ id }) => id === item.id) ?? 'It was not kept. Try again.';
}
