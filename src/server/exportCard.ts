import type { CardFile } from '../core/plan/cardFile';
import { itemRefs, usedLibrary } from '../core/kinds/usedLibrary';
import { type Library, overlayLibrary } from '../core/plan/library';
import type { Database } from './storeTypes';
import type { StoredCard } from './repositories/cards';
import { readLibrary } from './repositories/library';
import { listDesigners, listReleases } from './repositories/team';

/**
 * The library as one card sees it: its own embedded versions over the team's.
 * @param isWhole left out, only with every version of the items it uses
 */
export async function libraryOf(
  db: Database,
  { plan, embedded }: StoredCard,
  isWhole = false,
): Promise<Library> {
  const used = isWhole ? undefined : itemRefs(plan).map(({ id }) => id);
  return overlayLibrary(embedded, await readLibrary(db, used));
}

/** The card file of a stored card, with the library versions and names it refers to. */
export async function exportCard(db: Database, card: StoredCard): Promise<CardFile> {
  const { designerId, releaseId } = card.plan.about;
  const [library, designers, releases] = await Promise.all([
    libraryOf(db, card),
    listDesigners(db),
    listReleases(db),
  ]);
  return {
    format: 'nibwright-card',
    version: 1,
    id: card.id,
    plan: card.plan,
    library: usedLibrary(card.plan, library),
    designer: designers.find(({ id }) => id === designerId) ?? null,
    release: releases.find(({ id }) => id === releaseId) ?? null,
  };
}
