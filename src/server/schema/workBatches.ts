import { jsonb, pgTable, text } from 'drizzle-orm/pg-core';
import { cards } from './cards';

/** The work on the copies of a card, step by step; one row a card. */
export const workBatches = pgTable('work_batches', {
  cardId: text('card_id')
    .primaryKey()
    .references(() => cards.id, { onDelete: 'cascade' }),
  data: jsonb().notNull(),
});
