import { pgTable, text } from 'drizzle-orm/pg-core';
import type { DesignerId } from '../../core/plan/ids';

export const designers = pgTable('designers', {
  id: text().$type<DesignerId>().primaryKey(),
  name: text().notNull().unique(),
});
