import { inArray, sql } from 'drizzle-orm';
import type { CardId } from '../../core/plan/ids';
import { standingCards } from '../schema';
import type { Database } from '../storeTypes';

/** A card as it was last computed for the Ledge, without its picture; the texts are JSON. */
export interface KeptStanding {
  readonly cardId: CardId;
  /** What it was computed from. */
  readonly key: string;
  /** Ids of the items it uses. */
  readonly items: readonly string[];
  readonly card: string;
  readonly found: string;
}

export interface NewStanding extends KeptStanding {
  /** Null where it cannot be drawn. */
  readonly picture: string | null;
}

/**
 * Cards as they were last computed, in no order; those that never were are left out.
 * @param ids only these; left out, all
 */
export async function readStandings(
  db: Database,
  ids?: readonly CardId[],
): Promise<readonly KeptStanding[]> {
  const { cardId, key, items, card, found } = standingCards;
  return db
    .select({ cardId, key, items, card, found })
    .from(standingCards)
    .where(ids && inArray(cardId, [...ids]));
}

/** The pictures of these cards as JSON; cards without one are left out. */
export async function readPictures(
  db: Database,
  ids: readonly CardId[],
): Promise<ReadonlyMap<CardId, string>> {
  if (ids.length === 0) return new Map();
  const { cardId, picture } = standingCards;
  const rows = await db
    .select({ cardId, picture })
    .from(standingCards)
    .where(inArray(cardId, [...ids]));
  return new Map(rows.flatMap((row) => (row.picture === null ? [] : [[row.cardId, row.picture]])));
}

/**
 * Keeps cards as they were computed.
 * @throws an error of the database where one of them was removed meanwhile
 */
export async function writeStandings(
  db: Database,
  standings: readonly NewStanding[],
): Promise<void> {
  if (standings.length === 0) return;
  const excluded = (name: string) => sql.raw(`excluded.${name}`);
  await db
    .insert(standingCards)
    .values([...standings])
    .onConflictDoUpdate({
      target: standingCards.cardId,
      set: {
        key: excluded('key'),
        items: excluded('items'),
        card: excluded('card'),
        found: excluded('found'),
        picture: excluded('picture'),
      },
    });
}
