import { sql } from 'drizzle-orm';
import { store } from './database';
import { isAway } from './storeRefusal';

/** Whether the database answers; asked before a page is drawn, since a page half drawn can tell nothing any more. */
export async function isStoreThere(): Promise<boolean> {
  const { db, folder } = await store();
  // What is embedded is always there.
  if (folder !== undefined) return true;
  try {
    await db.execute(sql`select 1`);
    return true;
  } catch (error) {
    if (isAway(error)) return false;
    throw error;
  }
}
