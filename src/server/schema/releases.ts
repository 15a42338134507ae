import { date, pgTable, text } from 'drizzle-orm/pg-core';
import type { ReleaseId } from '../../core/plan/ids';

export const releases = pgTable('releases', {
  id: text().$type<ReleaseId>().primaryKey(),
  name: text().notNull(),
  /** The day it goes on sale, as year-month-day; null while the company has not fixed it. */
  onSale: date('on_sale', { mode: 'string' }),
});
