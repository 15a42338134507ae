import { sql } from 'drizzle-orm';
import { check, integer, jsonb, pgTable, text, timestamp } from 'drizzle-orm/pg-core';
import type { CardId } from '../../core/plan/ids';

export const cards = pgTable(
  'cards',
  {
    id: text().$type<CardId>().primaryKey(),
    /** The plan at `revision`; checked by zod on the way in and out. */
    plan: jsonb().notNull(),
    revision: integer().notNull(),
    /** Library versions that came with an imported card and clash with the team's own. */
    embedded: jsonb()
      .notNull()
      .default(sql`'[]'::jsonb`),
    changedAt: timestamp('changed_at', { withTimezone: true }).notNull(),
    binnedAt: timestamp('binned_at', { withTimezone: true }),
  },
  (table) => [check('cards_revision', sql`${table.revision} >= 1`)],
);
