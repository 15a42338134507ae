import { asc } from 'drizzle-orm';
import type { Designer, Release } from '../../core/plan/cardFile';
import { defaultHabits, habitsSchema, type Habits } from '../../core/plan/habits';
import type { Database, Transaction } from '../database';
import { designers, houseHabits, releases } from '../schema';

/** The designers by name. */
export async function listDesigners(db: Database): Promise<readonly Designer[]> {
  return db.select().from(designers).orderBy(asc(designers.name));
}

/** The designer of this name, made when there is none. */
export async function ensureDesigner(db: Database, designer: Designer): Promise<Designer> {
  await db.insert(designers).values(designer).onConflictDoNothing();
  const all = await listDesigners(db);
  return (
    all.find(({ id }) => id === designer.id) ??
    all.find(({ name }) => name === designer.name) ??
    designer
  );
}

/** The releases by the day they go on sale, those without a day last. */
export async function listReleases(db: Database): Promise<readonly Release[]> {
  return db.select().from(releases).orderBy(asc(releases.onSale), asc(releases.name));
}

/** Adds a release unless one of its id is there already. */
export async function ensureRelease(db: Database | Transaction, release: Release): Promise<void> {
  await db.insert(releases).values(release).onConflictDoNothing();
}

/** The house habits; a team that set none works in inches. */
export async function readHouseHabits(db: Database): Promise<Habits> {
  const [row] = await db.select().from(houseHabits);
  return row ? habitsSchema.parse(row.habits) : defaultHabits('in');
}

/** Whether house habits were ever set. */
export async function hasHouseHabits(db: Database): Promise<boolean> {
  return (await db.select().from(houseHabits)).length > 0;
}

/** Sets the house habits; cards keep the ones they were made with. */
export async function writeHouseHabits(db: Database, habits: Habits): Promise<void> {
  const checked = habitsSchema.parse(habits);
  await db
    .insert(houseHabits)
    .values({ id: 1, habits: checked })
    .onConflictDoUpdate({ target: houseHabits.id, set: { habits: checked } });
}
