import { and, asc, eq, inArray, lt } from 'drizzle-orm';
import type { CardId } from '../core/plan/ids';
import { currentPlanSchema } from '../core/plan/planFacts';
import { upgradeHistory } from '../core/plan/upgradeHistory';
import type { Database, Transaction } from './storeTypes';
import { trimShape } from '../core/stash/trimShape';
import { newestOf } from '../core/plan/library';
import { addToLibrary } from './repositories/library';
import { readItems } from './repositories/readItems';
import { cards, libraryItems, revisions } from './schema';

/** Brings what an older version kept up to this one, once: the shapes of the stash, and all cards. */
export async function upgradeStored(
  db: Database | Transaction,
  onProgress?: (sentence: string) => void,
): Promise<void> {
  await db.transaction(trimStash);
  await upgradeCards(db, onProgress);
}

/**
 * Items whose shape does not fill its box get a newer version that does. The old one stays as it is, and so does every
 * card made with it, until somebody takes the newer.
 */
async function trimStash(tx: Transaction): Promise<void> {
  const rows = await tx
    .select({ id: libraryItems.id })
    .from(libraryItems)
    .where(eq(libraryItems.isTrimmed, false));
  const ids = [...new Set(rows.map(({ id }) => id))];
  if (ids.length === 0) return;
  const kept = await tx.select().from(libraryItems).where(inArray(libraryItems.id, ids));
  const newest = newestOf(
    readItems(
      kept.map(({ data }) => data),
      'the stash',
    ),
  );
  const trimmed = newest.flatMap((item) => {
    const next = trimShape(item);
    return next ? [{ ...next, version: item.version + 1 }] : [];
  });
  await addToLibrary(tx, trimmed);
  await tx.update(libraryItems).set({ isTrimmed: true }).where(inArray(libraryItems.id, ids));
}

/**
 * Brings the cards that an older version kept up to this one, once: the plan of each and all its revisions, one card
 * after the other, so that one stopped on the way goes on at the next start. A card whose history cannot be read is left
 * as it is and named in the log; its plan is read all the same.
 */
export async function upgradeCards(
  db: Database | Transaction,
  onProgress?: (sentence: string) => void,
): Promise<void> {
  const old = await db
    .selectDistinct({ id: revisions.cardId })
    .from(revisions)
    .where(lt(revisions.planSchema, currentPlanSchema))
    .orderBy(asc(revisions.cardId));
  if (old.length > 0)
    onProgress?.(`Bringing ${old.length} ${old.length === 1 ? 'card' : 'cards'} up to date.`);
  for (const { id } of old)
    try {
      await db.transaction((tx) => upgradeCard(tx, id));
    } catch (error) {
      console.error(`The revisions of card ${id} cannot be brought up to date.`, error);
    }
}

async function upgradeCard(tx: Transaction, id: CardId): Promise<void> {
  const [card] = await tx.select().from(cards).where(eq(cards.id, id)).for('update');
  const rows = await tx
    .select()
    .from(revisions)
    .where(eq(revisions.cardId, id))
    .orderBy(asc(revisions.number));
  if (!card) return;
  const upgraded = upgradeHistory(rows, card.plan);
  for (const [at, { number }] of rows.entries())
    await tx
      .update(revisions)
      .set({ planSchema: currentPlanSchema, ...upgraded.revisions[at] })
      .where(and(eq(revisions.cardId, id), eq(revisions.number, number)));
  await tx.update(cards).set({ plan: upgraded.plan }).where(eq(cards.id, id));
}
