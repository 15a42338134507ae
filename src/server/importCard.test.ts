import { mkdtemp, rm } from 'node:fs/promises';
import { readdirSync, readFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { beforeAll, describe, expect, it } from 'vitest';
import { freshId, someTime, testDatabase } from '../../test/support/store';
import { cardFormatIds, folds } from '../core/paper/cardFormat';
import { readCardFile, writeCardFile, type CardFile } from '../core/plan/cardFile';
import type { CardId } from '../core/plan/ids';
import type { Database } from './storeTypes';
import { exportCard } from './exportCard';
import { importCard } from './importCard';
import { FolderInUseError, lockFolder } from './lockFolder';
import { makeCard } from './makeCard';
import { findCard } from './repositories/cards';
import { findStock } from '../core/plan/library';
import { readLibrary } from './repositories/library';
import { listDesigners, listReleases, readHouse } from './repositories/team';
import { seed } from './seed';
import { papersOf } from '../core/plan/pieces';

let db: Database;
beforeAll(async () => {
  db = await testDatabase();
  await seed(db, 'demo', someTime);
});

const demoNames = readdirSync('demo/cards').map((name) => name.replace('.nibwright.json', ''));
const demoText = (name: string) => readFileSync(`demo/cards/${name}.nibwright.json`, 'utf8');
const demoFile = (name: string): CardFile => {
  const read = readCardFile(demoText(name));
  if (!read.ok) throw new Error(`${name}: ${JSON.stringify(read.issue)}`);
  return read.file;
};
async function takeIn(file: CardFile): Promise<CardFile> {
  const id = freshId() as CardId;
  await importCard(db, file, { id, saveId: `import-${id}`, author: null, at: someTime });
  const card = await findCard(db, id);
  if (!card) throw new Error('takeIn: the card was not kept');
  return exportCard(db, card);
}

describe('the demo', () => {
  it('is a team of five, four releases and twenty-three cards, six of them a series, of every format and fold, in both schools', async () => {
    expect((await readHouse(db)).name).toBe('Wickerlight design team');
    expect(await listDesigners(db)).toHaveLength(5);
    expect(await listReleases(db)).toHaveLength(4);
    const found = await Promise.all(demoNames.map((name) => findCard(db, name as CardId)));
    const cards = found.flatMap((card) => card ?? []);
    expect(cards).toHaveLength(24);
    expect(cards.filter(({ plan }) => plan.about.series)).toHaveLength(6);
    const schools = new Set(cards.map(({ plan }) => plan.habits.leadingUnit));
    expect([...schools].sort()).toEqual(['in', 'mm']);
    const bases = cards.map(({ plan }) => plan.base);
    const formats = bases.map(({ format }) => (format.kind === 'named' ? format.id : 'custom'));
    expect(new Set(formats)).toEqual(new Set([...cardFormatIds, 'custom']));
    expect(new Set(bases.map(({ fold }) => fold))).toEqual(new Set(folds));
    const pieces = cards.flatMap(({ plan }) => papersOf(plan));
    expect(pieces.some(({ trim }) => trim !== null)).toBe(true);
    expect(pieces.some(({ cutOut }) => cutOut !== null)).toBe(true);
    const ways = new Set(pieces.map(({ size }) => size.by));
    expect([...ways].sort()).toEqual([
      'die',
      'measure',
      'outset',
      'reveal',
      'sides',
      'stamp',
      'step',
    ]);
  });

  it('is loaded once, however often it is asked for', async () => {
    expect(await seed(db, 'demo', someTime)).toBe(false);
  });
});

describe('card files through the database', () => {
  it.each(demoNames)(
    'export, import, export gives the same bytes but for the id: %s',
    async (name) => {
      const again = await takeIn(demoFile(name));
      expect(writeCardFile({ ...again, id: name as CardId })).toBe(demoText(name));
    },
  );

  it('adds what the stash lacks, and keeps with the card what clashes with it', async () => {
    const file = demoFile('bean-poles');
    const [first, ...rest] = file.library;
    if (first?.kind !== 'stock') throw new Error('the demo card has no library');
    const added = { ...first, id: freshId() as typeof first.id };
    const clashing = { ...first, colour: '#00ff00' };
    const taken = await takeIn({ ...file, library: [clashing, added, ...rest] });
    expect(taken.library.find(({ id }) => id === first.id)).toMatchObject({ colour: '#00ff00' });
    const library = await readLibrary(db);
    expect(findStock(library, first)?.colour).toBe(first.colour);
    expect(library.some(({ id }) => id === added.id)).toBe(true);
    expect(writeCardFile({ ...(await takeIn(taken)), id: taken.id })).toBe(writeCardFile(taken));
  });
});

describe('a new card', () => {
  it('copies the habits of the house, or the usual ones of the other school', async () => {
    const stock = demoFile('bean-poles').plan.base.stock;
    const wanted = {
      title: 'Row markers',
      releaseId: null,
      format: { kind: 'named' as const, id: 'a2' as const, stand: 'upright' as const },
      fold: 'side' as const,
      stock,
    };
    const made = async (unit: 'in' | 'mm') =>
      (await findCard(db, await makeCard(db, { ...wanted, unit }, null, someTime)))?.plan.habits;
    expect(await made('in')).toEqual((await readHouse(db)).habits);
    expect((await made('mm'))?.trimmerMarks).toEqual([{ ticks: 16_000 }]);
  });
});

describe('the lock', () => {
  it('lets one hold a folder, by any name of it, until it is released', async () => {
    const folder = await mkdtemp(join(tmpdir(), 'nibwright-'));
    try {
      const release = await lockFolder(folder);
      await expect(lockFolder(`${folder}/../${folder.split('/').at(-1)}`)).rejects.toThrow(
        FolderInUseError,
      );
      await release();
      await (
        await lockFolder(folder)
      )();
    } finally {
      await rm(folder, { recursive: true });
    }
  });
});
