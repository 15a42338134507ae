import { asc, eq } from 'drizzle-orm';
import type { Designer, Release } from '../../core/plan/cardFile';
import { eveningsSchema, type Evenings } from '../../core/plan/evenings';
import type { DesignerId } from '../../core/plan/ids';
import { defaultHabits, habitsSchema, type Habits } from '../../core/plan/habits';
import { houseMailSchema, type HouseMail } from '../../core/stash/houseMail';
import { plainMail } from '../../core/stash/plainMail';
import { isObject } from '../../core/plan/upgrades/document';
import { upgradeHabits } from '../../core/plan/upgrades/upgradeHabits';
import { withMasks } from '../../core/plan/upgrades/upgradePlan7';
import { usualPostHabits10 } from '../../core/plan/upgrades/usual10';
import { usualWorkHabits12 } from '../../core/plan/upgrades/usual12';
import { usualSchools9 } from '../../core/plan/upgrades/usual9';
import type { Database, Transaction } from '../storeTypes';
import { designers, house, releases } from '../schema';

/** The designers by name. */
export async function listDesigners(db: Database): Promise<readonly Designer[]> {
  const { id, name } = designers;
  return db.select({ id, name }).from(designers).orderBy(asc(name));
}

/** When a designer works; null for one who has not said, or whom nobody knows. */
export async function readEvenings(
  db: Database,
  designerId: DesignerId | null,
): Promise<Evenings | null> {
  if (designerId === null) return null;
  const [row] = await db
    .select({ evenings: designers.evenings })
    .from(designers)
    .where(eq(designers.id, designerId));
  return eveningsSchema.nullable().parse(row?.evenings ?? null);
}

/** Keeps when a designer works; false when there is none of this id. */
export async function keepEvenings(
  db: Database,
  designerId: DesignerId,
  evenings: Evenings | null,
): Promise<boolean> {
  const changed = await db
    .update(designers)
    .set({ evenings })
    .where(eq(designers.id, designerId))
    .returning({ id: designers.id });
  return changed.length > 0;
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

/** Gives a release another name or day; false when there is none of its id. */
export async function changeRelease(db: Database, { id, name, onSale }: Release): Promise<boolean> {
  const changed = await db
    .update(releases)
    .set({ name, onSale })
    .where(eq(releases.id, id))
    .returning({ id: releases.id });
  return changed.length > 0;
}

/** A team's name, its habits, and how it posts. */
export interface House {
  /** Empty where the team gave itself none. */
  readonly name: string;
  readonly habits: Habits;
  readonly mail: HouseMail;
}

/** The house; undefined until it is set up. */
export async function findHouse(db: Database): Promise<House | undefined> {
  const [row] = await db.select().from(house);
  return (
    row && {
      name: row.name,
      habits: currentHabits(row.habits),
      mail: houseMailSchema.parse(row.mail),
    }
  );
}

/** House habits as any version kept them, as this one has them. */
function currentHabits(stored: unknown): Habits {
  const habits = upgradeHabits(stored);
  return habitsSchema.parse(
    isObject(habits)
      ? { ...usualWorkHabits12, ...usualPostHabits10, ...usualSchools9, ...withMasks(habits) }
      : habits,
  );
}

/** The house; one that was not set up has no name and works in inches. */
export async function readHouse(db: Database): Promise<House> {
  return (await findHouse(db)) ?? { name: '', habits: defaultHabits('in'), mail: plainMail };
}

/** Sets the house up or anew; cards keep the habits they were made with. */
export async function writeHouse(db: Database, { name, habits, mail }: House): Promise<void> {
  const row = { name, habits: habitsSchema.parse(habits), mail: houseMailSchema.parse(mail) };
  await db
    .insert(house)
    .values({ id: 1, ...row })
    .onConflictDoUpdate({ target: house.id, set: row });
}
