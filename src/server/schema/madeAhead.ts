import { jsonb, pgTable, text } from 'drizzle-orm/pg-core';
import { cards } from './cards';

/** What is made ahead of a card and lies in the stash; one row a card. */
export const madeAhead = pgTable('made_ahead', {
  cardId: text('card_id')
    .primaryKey()
    .references(() => cards.id, { onDelete: 'cascade' }),
  data: jsonb().notNull(),
});
