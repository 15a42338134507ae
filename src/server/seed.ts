import { readdir, readFile } from 'node:fs/promises';
import { join } from 'node:path';
import { z } from 'zod';
import { designerSchema, readCardFile, releaseSchema } from '../core/plan/cardFile';
import { defaultHabits, habitsSchema } from '../core/plan/habits';
import { cardIdSchema } from '../core/plan/ids';
import { libraryItemSchema } from '../core/plan/libraryItem';
import { madeAheadSchema } from '../core/process/ahead';
import { houseMailSchema } from '../core/stash/houseMail';
import { plainMail } from '../core/stash/plainMail';
import { holdingSchema } from '../core/stash/holding';
import type { Database } from './storeTypes';
import { importCard } from './importCard';
import { addToLibrary } from './repositories/library';
import { changeAhead } from './repositories/madeAhead';
import { ensureHoldings } from './repositories/stash';
import { ensureDesigner, ensureRelease, findHouse, writeHouse } from './repositories/team';

const teamFileSchema = z.strictObject({
  name: z.string().max(60),
  designers: z.array(designerSchema),
  releases: z.array(releaseSchema),
  habits: habitsSchema.optional(),
  mail: houseMailSchema.optional(),
});
const stashFileSchema = z.strictObject({
  items: z.array(libraryItemSchema),
  holdings: z.array(holdingSchema),
});

const aheadFileSchema = z.array(z.strictObject({ cardId: cardIdSchema, ahead: madeAheadSchema }));

/**
 * Fills an empty database from a folder of plain files: `team.json`, `stash.json`, `cards/*.json`,
 * `shapes.json` with stamps and dies, and `ahead.json` with what is made ahead, where there is one.
 * A database with a house was seeded before and is left alone.
 * @returns whether it seeded.
 * @throws Error naming the file that is wrong, and where.
 */
export async function seed(db: Database, folder: string, at: Date): Promise<boolean> {
  if (await findHouse(db)) return false;
  const team = teamFileSchema.parse(await readJsonFile(join(folder, 'team.json')));
  const stash = stashFileSchema.parse(await readJsonFile(join(folder, 'stash.json')));
  for (const designer of team.designers) await ensureDesigner(db, designer);
  for (const release of team.releases) await ensureRelease(db, release);
  await addToLibrary(db, stash.items);
  await ensureHoldings(db, stash.holdings);
  const shapes = await readShapes(folder);
  await addToLibrary(db, shapes.items);
  await ensureHoldings(db, shapes.holdings);
  for (const name of await cardFiles(folder)) {
    const read = readCardFile(await readFile(join(folder, 'cards', name), 'utf8'));
    if (!read.ok) throw new Error(`seed: ${name}: ${JSON.stringify(read.issue)}`);
    const { id, plan } = read.file;
    await importCard(db, read.file, {
      id,
      saveId: `seed-${id}`,
      author: plan.about.designerId,
      at,
    });
  }
  const ahead = await readOptional(folder, 'ahead.json');
  for (const { cardId, ahead: steps } of aheadFileSchema.parse(ahead ?? []))
    for (const each of steps) await changeAhead(db, cardId, each.step, each);
  // Last, as the mark that all is there: an interrupted seeding is done again, and each step of it
  // leaves alone what it finds.
  await writeHouse(db, {
    name: team.name,
    habits: team.habits ?? defaultHabits('in'),
    mail: team.mail ?? plainMail,
  });
  return true;
}

/** Stamps and dies, where the folder has any beside its stash. */
async function readShapes(folder: string): Promise<z.output<typeof stashFileSchema>> {
  const shapes = await readOptional(folder, 'shapes.json');
  return shapes === undefined ? { items: [], holdings: [] } : stashFileSchema.parse(shapes);
}

/** A file as JSON; undefined where the folder has none of this name. */
async function readOptional(folder: string, name: string): Promise<unknown> {
  const text = await readFile(join(folder, name), 'utf8').catch(() => undefined);
  return text === undefined ? undefined : JSON.parse(text);
}

async function cardFiles(folder: string): Promise<readonly string[]> {
  const names = await readdir(join(folder, 'cards')).catch(() => []);
  return names.filter((name) => name.endsWith('.nibwright.json')).sort();
}

async function readJsonFile(path: string): Promise<unknown> {
  return JSON.parse(await readFile(path, 'utf8'));
}
