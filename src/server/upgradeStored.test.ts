import { readFileSync } from 'node:fs';
import { eq } from 'drizzle-orm';
import { beforeAll, describe, expect, it, vi } from 'vitest';
import { emptyStore, freshId, someTime, testDatabase } from '../../test/support/store';
import { ticksOf, typed } from '../../test/support/plans';
import type { CardId, LibraryId } from '../core/plan/ids';
import { libraryItemSchema } from '../core/plan/libraryItem';
import { addToLibrary, readLibrary } from './repositories/library';
import { backupOf, checkText } from '../../test/support/backups';
import { restoreBackup } from './backup/restoreBackup';
import type { Database } from './storeTypes';
import { findCard } from './repositories/cards';
import { listRevisions } from './repositories/revisions';
import { planAtRevision, saveEdits } from './repositories/saveEdits';
import { cards, revisions } from './schema';
import { upgradeStored } from './upgradeStored';
import { currentPlanSchema } from '../core/plan/planFacts';

const history = JSON.parse(readFileSync('test/fixtures/history-4.json', 'utf8')) as {
  readonly start: object;
  readonly revisions: readonly { readonly edits: unknown }[];
  readonly end: object;
};

let db: Database;
beforeAll(async () => {
  db = await testDatabase();
});

/** A card with fifty-one revisions, its rows as version 4 wrote them. */
async function oldCard(first: object = history.start): Promise<CardId> {
  const id = freshId() as CardId;
  const row = { cardId: id, author: null, at: someTime, planSchema: 4 };
  await db.insert(cards).values({
    id,
    plan: history.end,
    revision: history.revisions.length + 1,
    changedAt: someTime,
    binnedAt: null,
  });
  await db.insert(revisions).values([
    { ...row, number: 1, saveId: 'made', edits: [], plan: first },
    ...history.revisions.map(({ edits }, at) => ({
      ...row,
      number: at + 2,
      saveId: `s${at}`,
      edits,
      plan: at + 2 === 51 ? history.end : null,
    })),
  ]);
  return id;
}

describe('cards that an older version kept', () => {
  it('are brought up once, with all their revisions, and go on being saved', async () => {
    const id = await oldCard();
    const said: string[] = [];
    await upgradeStored(db, (sentence) => said.push(sentence));
    expect(said).toEqual(['Bringing 1 card up to date.']);
    const rows = await db.select().from(revisions).where(eq(revisions.cardId, id));
    expect(new Set(rows.map(({ planSchema }) => planSchema))).toEqual(new Set([currentPlanSchema]));
    const card = await findCard(db, id);
    expect(card?.plan).toEqual(await planAtRevision(db, id, 51));
    expect((await listRevisions(db, id, { most: 60 }))?.revisions).toHaveLength(51);
    await upgradeStored(db, (sentence) => said.push(sentence));
    expect(said).toHaveLength(1);
    const saved = await saveEdits(db, {
      cardId: id,
      saveId: 'next',
      baseRevision: 51,
      edits: [{ kind: 'set-about', change: { title: 'Rain day' } }],
      author: null,
      at: someTime,
    });
    expect(saved).toMatchObject({ kind: 'saved', revision: 52 });
  });

  it('are left as they are where their history cannot be read, and named; the others are brought up', async () => {
    const [bad, good] = [await oldCard({ schema: 4, about: {} }), await oldCard()];
    const log = vi.spyOn(console, 'error').mockReturnValue();
    await upgradeStored(db);
    expect(log.mock.calls.map(([sentence]) => String(sentence))).toEqual([
      `The revisions of card ${bad} cannot be brought up to date.`,
    ]);
    log.mockRestore();
    const versionOf = async (id: CardId) =>
      (await db.select().from(revisions).where(eq(revisions.cardId, id)))[0]?.planSchema;
    expect([await versionOf(bad), await versionOf(good)]).toEqual([4, currentPlanSchema]);
    expect((await findCard(db, bad))?.plan.schema).toBe(currentPlanSchema);
    await db.delete(cards).where(eq(cards.id, bad));
  });

  it('are brought up when a backup from before is restored, one that does not say so too', async () => {
    const id = await oldCard();
    const text = (await backupOf(db)).replaceAll('"planSchema" : 4, ', '');
    expect(text).toContain(`"cardId" : "${id}"`);
    await upgradeStored(db);
    const lines = text.trimEnd().split('\n');
    const into = await emptyStore();
    try {
      // Of version 1, which had no digest.
      const [head = '', ...rows] = lines;
      const old = [head.replace('"version":2', '"version":1'), ...rows].join('\n');
      await restoreBackup(into.db, await checkText(old));
      const restored = await planAtRevision(into.db, id, 51);
      expect(restored).toEqual(await planAtRevision(db, id, 51));
    } finally {
      await into.close();
    }
  });
});

describe('the stash that an older version kept', () => {
  it('gets newer versions of shapes that do not fill their boxes, once, and keeps the old ones', async () => {
    const id = freshId() as LibraryId;
    const shape = { box: { width: 100, height: 100 }, outline: 'M10 20L90 20L50 90Z' };
    const steps = ['2 in', '1 in'].map((text) => ({ width: typed(text), height: typed(text) }));
    const die = libraryItemSchema.parse({
      kind: 'die-set',
      id,
      version: 1,
      name: 'Kite',
      shape,
      steps,
    });
    const plain = libraryItemSchema.parse({ ...die, id: freshId(), shape: null });
    await addToLibrary(db, [die, plain]);
    await upgradeStored(db);
    await upgradeStored(db);
    const versionsOf = (of: string) =>
      readLibrary(db).then((items) => items.filter((item) => item.id === of));
    const [first, second, ...none] = await versionsOf(id);
    expect([first, none]).toEqual([die, []]);
    expect(second).toMatchObject({
      version: 2,
      name: 'Kite',
      shape: {
        box: { width: 80, height: 70 },
        outline: 'M0 0L80 0 40 70Z',
        trimmedFrom: { x: -10, y: -20, width: 100, height: 100 },
      },
      steps: [
        { width: { ticks: ticksOf('1 3/5') }, height: { ticks: ticksOf('1 2/5') } },
        { width: { ticks: ticksOf('4/5') }, height: { ticks: ticksOf('7/10') } },
      ],
    });
    expect(await versionsOf(plain.id)).toEqual([plain]);
  });
});
