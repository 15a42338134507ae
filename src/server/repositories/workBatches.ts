import { eq } from 'drizzle-orm';
import type { CardId } from '../../core/plan/ids';
import { workBatchSchema, type WorkBatch } from '../../core/process/workBatch';
import { workBatches } from '../schema';
import type { Database } from '../storeTypes';

/** The work on the copies of a card; undefined where none was begun. */
export async function findWork(db: Database, cardId: CardId): Promise<WorkBatch | undefined> {
  const [row] = await db.select().from(workBatches).where(eq(workBatches.cardId, cardId));
  return row && workBatchSchema.parse(row.data);
}

/** Keeps the work on a card in place of what was kept before; null lets it go. */
export async function keepWork(
  db: Database,
  cardId: CardId,
  work: WorkBatch | null,
): Promise<void> {
  if (!work) {
    await db.delete(workBatches).where(eq(workBatches.cardId, cardId));
    return;
  }
  const data = workBatchSchema.parse(work);
  await db
    .insert(workBatches)
    .values({ cardId, data })
    .onConflictDoUpdate({ target: workBatches.cardId, set: { data } });
}
