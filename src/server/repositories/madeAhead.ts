import { and, asc, eq, isNull, sql } from 'drizzle-orm';
import type { CardId } from '../../core/plan/ids';
import { madeAheadSchema, type Ahead } from '../../core/process/ahead';
import type { AheadOfCard } from '../../core/replies/aheadOfCard';
import { cards, madeAhead } from '../schema';
import type { Database, Transaction } from '../storeTypes';

/** What is made ahead of a card. */
export async function findAhead(
  db: Database | Transaction,
  cardId: CardId,
): Promise<readonly Ahead[]> {
  const [row] = await db.select().from(madeAhead).where(eq(madeAhead.cardId, cardId));
  return row ? madeAheadSchema.parse(row.data) : [];
}

/** Keeps of how many copies a step is made ahead, in place of what was kept of it; null for none. Answers all of the card. */
export async function changeAhead(
  db: Database,
  cardId: CardId,
  step: string,
  next: Ahead | null,
): Promise<readonly Ahead[]> {
  return db.transaction(async (tx) => {
    // The card is there before its first row, so that two changes wait for one another.
    await tx.select({ id: cards.id }).from(cards).where(eq(cards.id, cardId)).for('update');
    const others = (await findAhead(tx, cardId)).filter((each) => each.step !== step);
    const data = madeAheadSchema.parse(next ? [...others, next] : others);
    if (data.length === 0) await tx.delete(madeAhead).where(eq(madeAhead.cardId, cardId));
    else
      await tx
        .insert(madeAhead)
        .values({ cardId, data })
        .onConflictDoUpdate({ target: madeAhead.cardId, set: { data } });
    return data;
  });
}

const title = sql<string>`${cards.plan}->'about'->>'title'`;

/** What is made ahead of all cards that are not in the bin, by their titles. */
export async function listAhead(db: Database): Promise<readonly AheadOfCard[]> {
  const rows = await db
    .select({ cardId: cards.id, title, data: madeAhead.data })
    .from(madeAhead)
    .innerJoin(cards, and(eq(cards.id, madeAhead.cardId), isNull(cards.binnedAt)))
    .orderBy(title, asc(cards.id));
  return rows.map(({ data, ...card }) => ({ ...card, ahead: madeAheadSchema.parse(data) }));
}
