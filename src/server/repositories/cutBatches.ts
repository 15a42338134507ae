import { eq } from 'drizzle-orm';
import { cutBatchSchema, storedBatchSchema, type CutBatch } from '../../core/cutting/cutBatch';
import type { CardId } from '../../core/plan/ids';
import type { Holding } from '../../core/stash/holding';
import { giveBack, takeFrom } from '../../core/stash/takeFrom';
import type { Taking } from '../../core/stash/taking';
import type { Database, Transaction } from '../storeTypes';
import { cards, cutBatches } from '../schema';
import { lockStash, readHolding, writeHolding } from './stash';

/** The accepted cut plan of a card; undefined while there is none. */
export async function findBatch(
  db: Database | Transaction,
  cardId: CardId,
): Promise<CutBatch | undefined> {
  const [row] = await db.select().from(cutBatches).where(eq(cutBatches.cardId, cardId));
  return row && storedBatchSchema.parse(row.data);
}

/**
 * Keeps the accepted plan of a card with its marks, in place of any before. What was taken out of the stash
 * stays as it was: only taking and giving back change it, whatever an older page thinks of it.
 */
export async function keepBatch(db: Database, cardId: CardId, batch: CutBatch): Promise<void> {
  await db.transaction(async (tx) => {
    const before = await holdBatch(tx, cardId);
    await writeBatch(tx, cardId, { ...batch, taken: before?.taken ?? null });
  });
}

/** The accepted cut plan of a card, which nobody else changes until this transaction ends. */
async function holdBatch(tx: Transaction, cardId: CardId): Promise<CutBatch | undefined> {
  // The card is there before its first plan, so that two first plans wait for one another too.
  await tx.select({ id: cards.id }).from(cards).where(eq(cards.id, cardId)).for('update');
  return findBatch(tx, cardId);
}

async function writeBatch(tx: Transaction, cardId: CardId, batch: CutBatch): Promise<void> {
  const data = cutBatchSchema.parse(batch);
  await tx
    .insert(cutBatches)
    .values({ cardId, data })
    .onConflictDoUpdate({ target: cutBatches.cardId, set: { data } });
}

/**
 * Gives the accepted plan of a card up.
 * @returns false, with nothing changed, while what was taken for it has not been given back.
 */
export async function dropBatch(db: Database, cardId: CardId): Promise<boolean> {
  return db.transaction(async (tx) => {
    const before = await holdBatch(tx, cardId);
    if (before?.taken) return false;
    await tx.delete(cutBatches).where(eq(cutBatches.cardId, cardId));
    return true;
  });
}

/** The batch and the holdings after something was taken out or given back. */
export interface TakenState {
  readonly batch: CutBatch;
  readonly holdings: readonly Holding[];
}

/**
 * Takes out of the stash what a batch uses, as far as it is there, all or nothing.
 * @returns undefined where there is no batch, or where its takings have been made already.
 */
export async function takeForBatch(
  db: Database,
  cardId: CardId,
  takings: readonly Taking[],
): Promise<TakenState | undefined> {
  return db.transaction(async (tx) => {
    const batch = await holdBatch(tx, cardId);
    if (!batch || batch.taken) return undefined;
    await lockStash(tx);
    const holdings: Holding[] = [];
    const taken: Taking[] = [];
    for (const taking of takings) {
      const after = takeFrom(await readHolding(tx, taking.itemId), taking);
      await writeHolding(tx, after.holding);
      holdings.push(after.holding);
      taken.push(after.taken);
    }
    const next = { ...batch, taken };
    await writeBatch(tx, cardId, next);
    return { batch: next, holdings };
  });
}

/**
 * Gives back to the stash what was taken for a batch.
 * @returns undefined where there is no batch, or nothing was taken for it.
 */
export async function giveBackForBatch(
  db: Database,
  cardId: CardId,
): Promise<TakenState | undefined> {
  return db.transaction(async (tx) => {
    const batch = await holdBatch(tx, cardId);
    if (!batch?.taken) return undefined;
    await lockStash(tx);
    const holdings: Holding[] = [];
    for (const taken of batch.taken) {
      const holding = giveBack(await readHolding(tx, taken.itemId), taken);
      await writeHolding(tx, holding);
      holdings.push(holding);
    }
    const next = { ...batch, taken: null };
    await writeBatch(tx, cardId, next);
    return { batch: next, holdings };
  });
}
