import { and, desc, eq, inArray, isNotNull, isNull, ne, or, sql, type SQL } from 'drizzle-orm';
import { z } from 'zod';
import type { FaceId } from '../../core/plan/faces';
import type { CardId, DesignerId, LibraryId } from '../../core/plan/ids';
import { libraryItemSchema } from '../../core/plan/libraryItem';
import { faceOf } from '../../core/plan/faceOf';
import { readItems } from './readItems';
import type { Library } from '../../core/plan/library';
import { currentPlanSchema } from '../../core/plan/planFacts';
import { planSchema, type Plan } from '../../core/plan/plan';
import { upgradePlan } from '../../core/plan/upgradePlan';
import type { Database, Transaction } from '../storeTypes';
import { cards, revisions } from '../schema';
import { tellChange } from '../storeChanges';

/** A card as it is kept. */
export interface StoredCard {
  readonly id: CardId;
  readonly plan: Plan;
  readonly revision: number;
  /** Library versions that belong to this card alone. */
  readonly embedded: Library;
  readonly changedAt: Date;
  readonly binnedAt: Date | null;
}

export interface NewCard {
  readonly id: CardId;
  readonly plan: Plan;
  readonly embedded: Library;
  readonly saveId: string;
  readonly author: DesignerId | null;
  readonly at: Date;
}

const embeddedSchema = z.array(libraryItemSchema);

/** A card without its plan, for telling what has changed. */
export type CardHead = Pick<StoredCard, 'id' | 'revision' | 'changedAt' | 'binnedAt'>;

/** All cards without their plans, those in the bin too, the last changed first. */
export async function listCardHeads(db: Database): Promise<readonly CardHead[]> {
  const { id, revision, changedAt, binnedAt } = cards;
  return db.select({ id, revision, changedAt, binnedAt }).from(cards).orderBy(desc(changedAt), id);
}

/** What every card is called, who makes it and for what, as it is kept and not read yet. */
export async function readAbouts(db: Database): Promise<ReadonlyMap<CardId, unknown>> {
  const rows = await db
    .select({ id: cards.id, about: sql<unknown>`${cards.plan}->'about'` })
    .from(cards);
  return new Map(rows.map(({ id, about }) => [id, about]));
}

/** A card that uses an item, and the faces it prints it on where that is a stamp. */
export interface ItemUse {
  readonly id: CardId;
  readonly title: string;
  readonly faces: readonly FaceId[];
}

/** The cards outside the bin that print a stamp, or have a combination taken from a kept one or kept as it, by their titles. */
export async function cardsUsing(db: Database, itemId: LibraryId): Promise<readonly ItemUse[]> {
  const has = (part: object) => sql`${cards.plan} @> ${JSON.stringify(part)}::jsonb`;
  const rows = await db
    .select({ id: cards.id, plan: cards.plan })
    .from(cards)
    .where(
      and(
        isNull(cards.binnedAt),
        or(
          has({ combinations: [{ kept: { id: itemId } }] }),
          has({ pieces: [{ kind: 'image', stamp: { id: itemId } }] }),
        ),
      ),
    )
    .orderBy(sql`${cards.plan}->'about'->>'title'`);
  return rows.map(({ id, plan: stored }) => {
    const plan = readStoredPlan(stored, id);
    const faces = plan.pieces.flatMap((piece) =>
      piece.kind === 'image' && piece.stamp.id === itemId ? [faceOf(plan, piece.id)] : [],
    );
    return { id, title: plan.about.title, faces: [...new Set(faces)] };
  });
}

/** A card that uses some of the same items as another. */
export interface SharingCard {
  readonly id: CardId;
  readonly title: string;
  readonly copies: number;
  readonly shared: readonly LibraryId[];
}

/** The other cards outside the bin that use any of these items, those that use the most of them first. */
export async function cardsSharing(
  db: Database,
  own: CardId,
  items: readonly LibraryId[],
): Promise<readonly SharingCard[]> {
  // A plan tells an item by its id, quoted, whatever holds it.
  const shared = sql<LibraryId[]>`array(
    select item from jsonb_array_elements_text(${JSON.stringify(items)}::jsonb) as item
    where position('"id": "' || item || '"' in ${cards.plan}::text) > 0
  )`;
  const rows = await db
    .select({
      id: cards.id,
      title: sql<string>`${cards.plan}->'about'->>'title'`,
      copies: sql<number>`(${cards.plan}->'making'->>'copies')::int`,
      shared,
    })
    .from(cards)
    .where(and(isNull(cards.binnedAt), ne(cards.id, own)));
  return rows
    .filter((row) => row.shared.length > 0)
    .toSorted((a, b) => b.shared.length - a.shared.length || a.title.localeCompare(b.title));
}

/** A card as it is kept, not read yet. */
export interface KeptCard extends CardHead {
  readonly plan: unknown;
  readonly embedded: unknown;
}

/** The cards of these ids as they are kept, not read yet, in no order; ids there are none of are left out. */
export async function readKeptCards(
  db: Database,
  ids: readonly CardId[],
): Promise<readonly KeptCard[]> {
  if (ids.length === 0) return [];
  return db
    .select()
    .from(cards)
    .where(inArray(cards.id, [...ids]));
}

/**
 * Removes cards for good with all their revisions; those that are not in the bin stay.
 * @returns the ids removed.
 */
export async function deleteBinnedCards(
  db: Database,
  ids: readonly CardId[],
): Promise<readonly CardId[]> {
  if (ids.length === 0) return [];
  const removed = await db
    .delete(cards)
    .where(and(inArray(cards.id, [...ids]), isNotNull(cards.binnedAt)))
    .returning({ id: cards.id });
  const gone = removed.map(({ id }) => id);
  tellChange(db, { of: 'cards', ids: gone });
  return gone;
}

/** One card, also from the bin; undefined when there is none of that id. */
export async function findCard(
  db: Database | Transaction,
  id: CardId,
): Promise<StoredCard | undefined> {
  const [card] = await selectCards(db, eq(cards.id, id));
  return card;
}

/** Keeps a new card as revision 1; a repeat of the same id and save id changes nothing. */
export async function createCard(db: Database, card: NewCard): Promise<void> {
  await createCards(db, [card]);
}

/** Keeps several new cards, all or none. */
export async function createCards(db: Database, made: readonly NewCard[]): Promise<void> {
  await db.transaction(async (tx) => {
    for (const card of made) await insertCard(tx, card);
  });
  tellChange(db, { of: 'cards', ids: made.map(({ id }) => id) });
}

async function insertCard(tx: Transaction, card: NewCard): Promise<void> {
  const plan = planSchema.parse(card.plan);
  const made = await tx
    .insert(cards)
    .values({
      id: card.id,
      plan,
      revision: 1,
      embedded: embeddedSchema.parse(card.embedded),
      changedAt: card.at,
      binnedAt: null,
    })
    .onConflictDoNothing()
    .returning({ id: cards.id });
  if (made.length === 0) return requireSameCard(tx, card);
  await tx.insert(revisions).values({
    cardId: card.id,
    number: 1,
    saveId: card.saveId,
    author: card.author,
    at: card.at,
    planSchema: currentPlanSchema,
    edits: [],
    plan,
  });
}

/** @throws Error when the card of that id was made by another save. */
async function requireSameCard(tx: Transaction, { id, saveId }: NewCard): Promise<void> {
  const [first] = await tx
    .select({ saveId: revisions.saveId })
    .from(revisions)
    .where(and(eq(revisions.cardId, id), eq(revisions.number, 1)));
  if (first?.saveId !== saveId) throw new Error(`createCard: there is another card ${id}`);
}

/** Puts a card into the bin, or with null takes it out; false when there is none of that id. */
export async function setCardBinned(db: Database, id: CardId, at: Date | null): Promise<boolean> {
  const changed = await db
    .update(cards)
    .set({ binnedAt: at })
    .where(eq(cards.id, id))
    .returning({ id: cards.id });
  tellChange(db, { of: 'cards', ids: changed.map((each) => each.id) });
  return changed.length > 0;
}

async function selectCards(
  db: Database | Transaction,
  condition: SQL | undefined,
): Promise<readonly StoredCard[]> {
  const rows = await db
    .select()
    .from(cards)
    .where(condition)
    .orderBy(desc(cards.changedAt), cards.id);
  return rows.map(readRow);
}

function readRow(row: typeof cards.$inferSelect): StoredCard {
  return {
    ...row,
    plan: readStoredPlan(row.plan, row.id),
    embedded: readItems(Array.isArray(row.embedded) ? row.embedded : [], `card ${row.id}`),
  };
}

/** @throws Error when what is stored is no plan: a fault of ours, since it was checked on the way in. */
export function readStoredPlan(document: unknown, id: CardId): Plan {
  const read = upgradePlan(document);
  if (!read.ok)
    throw new Error(`readStoredPlan: card ${id} holds no plan: ${JSON.stringify(read.issue)}`);
  return read.plan;
}
