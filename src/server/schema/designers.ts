import { jsonb, pgTable, text } from 'drizzle-orm/pg-core';
import type { DesignerId } from '../../core/plan/ids';

/** The people of the team. */
export const designers = pgTable('designers', {
  id: text().$type<DesignerId>().primaryKey(),
  name: text().notNull().unique(),
  /** When they work; null for the usual evenings of the house. */
  evenings: jsonb(),
});
