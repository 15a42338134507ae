import { integer, jsonb, pgTable, primaryKey, text, timestamp, unique } from 'drizzle-orm/pg-core';
import type { CardId, DesignerId } from '../../core/plan/ids';
import { cards } from './cards';

/** One save: the edits that made it, and every fiftieth time the whole plan. */
export const revisions = pgTable(
  'revisions',
  {
    cardId: text('card_id')
      .$type<CardId>()
      .notNull()
      .references(() => cards.id, { onDelete: 'cascade' }),
    number: integer().notNull(),
    /** Chosen by the client; the same id again gets the first answer. */
    saveId: text('save_id').notNull(),
    /** Who saved; kept when the designer leaves the team, so not a foreign key. */
    author: text().$type<DesignerId>(),
    at: timestamp({ withTimezone: true }).notNull(),
    /** The version of the plan that its edits and its plan are written for. */
    planSchema: integer('plan_schema').notNull().default(4),
    edits: jsonb().notNull(),
    plan: jsonb(),
  },
  (table) => [
    primaryKey({ columns: [table.cardId, table.number] }),
    unique('revisions_save_id').on(table.cardId, table.saveId),
  ],
);
