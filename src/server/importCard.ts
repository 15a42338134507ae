import type { CardFile } from '../core/plan/cardFile';
import type { CardId, DesignerId } from '../core/plan/ids';
import type { Database } from './storeTypes';
import { createCard } from './repositories/cards';
import { addToLibrary, readLibrary, sortEmbedded } from './repositories/library';
import { ensureDesigner, ensureRelease } from './repositories/team';

/**
 * Takes a card file in as a card of the given id. Library versions and names the team lacks are
 * added; where a version is held with other contents, the embedded one stays with the card.
 */
export async function importCard(
  db: Database,
  file: CardFile,
  into: {
    readonly id: CardId;
    readonly saveId: string;
    readonly author: DesignerId | null;
    readonly at: Date;
  },
): Promise<void> {
  const { added, clashing } = sortEmbedded(
    await readLibrary(
      db,
      file.library.map((item) => item.id),
    ),
    file.library,
  );
  await addToLibrary(db, added);
  if (file.designer) await ensureDesigner(db, file.designer);
  if (file.release) await ensureRelease(db, file.release);
  await createCard(db, { ...into, plan: file.plan, embedded: clashing });
}
