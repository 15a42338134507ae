import { sql } from 'drizzle-orm';
import { check, integer, jsonb, pgTable } from 'drizzle-orm/pg-core';

/** One row: the habits copied into each new card. */
export const houseHabits = pgTable(
  'house_habits',
  { id: integer().primaryKey().default(1), habits: jsonb().notNull() },
  (table) => [check('house_habits_one_row', sql`${table.id} = 1`)],
);
