import { del, entries } from 'idb-keyval';
import { lockOfTab, unsavedKey, unsavedStore, type Unsaved } from './unsaved';

/** How a card that was left unsaved fares: kept, not now, or for a person to decide. */
export type Recovery =
  | { readonly kind: 'saved' | 'later'; readonly title: string }
  | {
      readonly kind: 'undecided';
      readonly title: string;
      readonly unsaved: Unsaved;
      readonly reason: string | undefined;
    };

/**
 * Sends what tabs that are gone have left unsaved, each once, whichever page finds it first.
 * @param send sends one save; rejects where the server cannot be reached
 * @param cardId only of this card; undefined for all
 */
export async function recoverUnsaved(
  send: (unsaved: Unsaved) => Promise<Recovery>,
  cardId?: string,
): Promise<readonly Recovery[]> {
  if (!('locks' in navigator) || typeof indexedDB === 'undefined') return [];
  const all = await entries<string, Unsaved>(unsavedStore()).catch(() => []);
  const recoveries: Recovery[] = [];
  for (const [, unsaved] of all) {
    if (cardId !== undefined && unsaved.cardId !== cardId) continue;
    // A tab that lives holds its lock; what it has not saved yet is its own affair.
    await navigator.locks.request(lockOfTab(unsaved.tab), { ifAvailable: true }, async (lock) => {
      if (!lock) return;
      const recovery = await send(unsaved);
      if (recovery.kind === 'saved') await forgetUnsaved(unsaved);
      recoveries.push(recovery);
    });
  }
  return recoveries;
}

/** Lets something go that was saved otherwise, or that nobody wants any more. */
export async function forgetUnsaved(unsaved: Unsaved): Promise<void> {
  await del(unsavedKey(unsaved), unsavedStore()).catch(() => undefined);
}
