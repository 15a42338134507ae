import { createHash } from 'node:crypto';
import type { ItemKind } from '../core/plan/libraryItem';
import { countItems, newestTexts } from './repositories/library';
import { holdingTexts } from './repositories/stash';
import type { Database } from './storeTypes';

/** What the stash holds of some kinds, written as JSON when it is wanted. */
export interface StashText {
  /** Another with every change of it. */
  readonly version: string;
  readonly write: () => Promise<string>;
}

/** The newest version of each item of these kinds, and what there is of them. */
export async function stashText(db: Database, kinds: readonly ItemKind[]): Promise<StashText> {
  const [count, holdings] = await Promise.all([countItems(db), holdingTexts(db, kinds)]);
  const held = `[${holdings.join(',')}]`;
  const digest = createHash('sha256').update(held).digest('base64url');
  return {
    version: `${count}-${digest}`,
    write: async () => {
      const items = await newestTexts(db, kinds);
      return `{"items":[${items.join(',')}],"holdings":${held}}`;
    },
  };
}
