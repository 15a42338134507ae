import { jsonb, pgTable, text } from 'drizzle-orm/pg-core';
import { cards } from './cards';

/** The accepted cut plan of a card with the work done on it; one row a card. */
export const cutBatches = pgTable('cut_batches', {
  cardId: text('card_id')
    .primaryKey()
    .references(() => cards.id, { onDelete: 'cascade' }),
  data: jsonb().notNull(),
});
