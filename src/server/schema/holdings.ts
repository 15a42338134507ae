import { jsonb, pgTable, text } from 'drizzle-orm/pg-core';

/** How much the team has of each item; one row an item, changed in place. */
export const holdings = pgTable('holdings', {
  itemId: text('item_id').primaryKey(),
  data: jsonb().notNull(),
});
