import { and, asc, eq, lt } from 'drizzle-orm';
import type { CardId } from '../core/plan/ids';
import { currentPlanSchema } from '../core/plan/planFacts';
import { upgradeHistory } from '../core/plan/upgradeHistory';
import type { Database, Transaction } from './database';
import { cards, revisions } from './schema';

/**
 * Brings the cards that an older version kept up to this one, once: the plan of each and all its revisions, one card
 * after the other, so that one stopped on the way goes on at the next start. A card whose history cannot be read is left
 * as it is and named in the log; its plan is read all the same.
 */
export async function upgradeStored(
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
