import { jsonb, pgTable, text } from 'drizzle-orm/pg-core';
import type { CardId } from '../../core/plan/ids';
import { cards } from './cards';

/**
 * Cards as they were last computed for the Ledge; what is missing or old is computed again. The texts are JSON, handed on
 * as they are.
 */
export const standingCards = pgTable('standing_cards', {
  cardId: text('card_id')
    .$type<CardId>()
    .primaryKey()
    .references(() => cards.id, { onDelete: 'cascade' }),
  /** What it was computed from, see `standingKey`. */
  key: text().notNull(),
  /** Ids of the items it uses. */
  items: jsonb().$type<readonly string[]>().notNull(),
  card: text().notNull(),
  /** What it is found by. */
  found: text().notNull(),
  /** Null where it cannot be drawn. */
  picture: text(),
});
