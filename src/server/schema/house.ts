import { sql } from 'drizzle-orm';
import { check, integer, jsonb, pgTable, text } from 'drizzle-orm/pg-core';

/** One row: the name of the team, the habits copied into each new card, and how it posts. */
export const house = pgTable(
  'house',
  {
    id: integer().primaryKey().default(1),
    name: text().notNull(),
    habits: jsonb().notNull(),
    mail: jsonb()
      .notNull()
      .default(sql`'{"home":null,"classes":{}}'::jsonb`),
  },
  (table) => [check('house_one_row', sql`${table.id} = 1`)],
);
