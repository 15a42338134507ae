import { sql } from 'drizzle-orm';
import { boolean, check, integer, jsonb, pgTable, primaryKey, text } from 'drizzle-orm/pg-core';

/** Versions of what the team owns; a row is never changed, a change is a new version. */
export const libraryItems = pgTable(
  'library_items',
  {
    id: text().notNull(),
    version: integer().notNull(),
    data: jsonb().notNull(),
    /** Whether it was looked through for a shape that does not fill its box. */
    isTrimmed: boolean('is_trimmed').notNull().default(false),
  },
  (table) => [
    primaryKey({ columns: [table.id, table.version] }),
    check('library_items_version', sql`${table.version} >= 1`),
  ],
);
