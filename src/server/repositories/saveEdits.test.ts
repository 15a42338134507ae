import { eq } from 'drizzle-orm';
import { beforeAll, describe, expect, it } from 'vitest';
import { fiveLayers, pieceOn, reveal, typed } from '../../../test/support/plans';
import { freshId, someTime, testDatabase } from '../../../test/support/store';
import type { Edit } from '../../core/plan/edit';
import type { CardId, DesignerId, LibraryId, PieceId } from '../../core/plan/ids';
import type { Database } from '../storeTypes';
import { revisions } from '../schema';
import { createCard, findCard, deleteBinnedCards, listCardHeads, setCardBinned } from './cards';
import { listRevisions } from './revisions';
import { planAtRevision, cardSince, saveEdits, type SaveOutcome } from './saveEdits';
import { papersOf } from '../../core/plan/pieces';
import { addPieces, changePiece } from '../../core/plan/pieceEdits';

let db: Database;
beforeAll(async () => {
  db = await testDatabase();
});

const orla = 'orla' as DesignerId;
const rename = (title: string): Edit => ({ kind: 'set-about', change: { title } });
const border = (id: string, text: string): Edit =>
  changePiece({ id: id as PieceId, kind: 'panel' }, { size: { by: 'reveal', all: typed(text) } });

async function newCard(): Promise<CardId> {
  const id = freshId() as CardId;
  await createCard(db, {
    id,
    plan: fiveLayers(),
    embedded: [],
    saveId: `made-${id}`,
    author: orla,
    at: someTime,
  });
  return id;
}

const save = (
  cardId: CardId,
  baseRevision: number,
  edits: readonly Edit[],
  saveId = freshId(),
): Promise<SaveOutcome> =>
  saveEdits(db, { cardId, saveId, baseRevision, edits, author: orla, at: someTime });

const titleOf = async (id: CardId) => (await findCard(db, id))?.plan.about.title;

describe('saving', () => {
  it('keeps edits as the next revision, and the plan with them', async () => {
    const id = await newCard();
    expect(await save(id, 1, [rename('Rain day')])).toEqual({
      kind: 'saved',
      revision: 2,
      plan: null,
      theirs: [],
    });
    const card = await findCard(db, id);
    expect(card).toMatchObject({ revision: 2, plan: { about: { title: 'Rain day' } } });
  });

  it('answers a repeated save id once and for all', async () => {
    const id = await newCard();
    const saveId = freshId();
    const edit = rename('Rain day');
    await save(id, 1, [edit], saveId);
    const first = { kind: 'saved', revision: 2, plan: null, theirs: [] };
    expect(await save(id, 1, [edit], saveId)).toEqual(first);
    await save(id, 2, [rename('Shed door')]);
    const late = await save(id, 1, [edit], saveId);
    expect(late).toMatchObject({
      kind: 'saved',
      revision: 3,
      plan: { about: { title: 'Shed door' } },
      theirs: [rename('Shed door')],
    });
    expect(await titleOf(id)).toBe('Shed door');
    expect(await cardSince(db, id, 2)).toMatchObject({
      revision: 3,
      plan: { about: { title: 'Shed door' } },
      theirs: [rename('Shed door')],
    });
    expect(await cardSince(db, id, 9)).toBeUndefined();
  });

  it('refuses a property of another kind of piece, and one use too many, and keeps nothing of the save', async () => {
    const id = await newCard();
    const lines = changePiece({ id: 'top' as PieceId, kind: 'words' }, { lines: ['hello'] });
    expect(await save(id, 1, [rename('Lost'), lines])).toEqual({
      kind: 'refused',
      issue: { code: 'other-kind', in: 'pieces', id: 'top' },
    });
    const use = {
      item: { id: 'chalk' as LibraryId, version: 1 },
      amount: 1,
      pieceId: null,
      note: '',
    };
    const uses = Array.from({ length: 501 }, (_, at): Edit => ({
      kind: 'put',
      in: 'uses',
      item: { id: `u${at}` as PieceId, ...use },
    }));
    expect(await save(id, 1, uses)).toMatchObject({
      kind: 'refused',
      issue: { code: 'too-many', in: 'uses', id: 'u500' },
    });
    expect(await titleOf(id)).toBe('Bean poles');
  });

  it('refuses an edit that does not apply, and keeps nothing of the save', async () => {
    const id = await newCard();
    const outcome = await save(id, 1, [rename('Lost'), border('gone', '1/8')]);
    expect(outcome).toEqual({
      kind: 'refused',
      issue: { code: 'not-there', in: 'pieces', id: 'gone' },
    });
    expect(await titleOf(id)).toBe('Bean poles');
    expect(await save('nowhere' as CardId, 1, [rename('x')])).toEqual({ kind: 'no-card' });
  });
});

describe('two people at one card', () => {
  it('rebases a stale save that touches other parts, and hands back both', async () => {
    const id = await newCard();
    await save(id, 1, [border('mat-1', '1/4')]);
    const mine = await save(id, 1, [border('top', '1/8'), rename('Rain day')]);
    expect(mine).toMatchObject({ kind: 'saved', revision: 3 });
    const plan = mine.kind === 'saved' ? mine.plan : null;
    const reveals =
      plan && papersOf(plan).map(({ size }) => (size.by === 'reveal' ? size.all.typed : ''));
    expect(reveals?.slice(0, 4)).toEqual(['1/16', '1/4', '1/8', '1/8']);
    expect(plan?.about.title).toBe('Rain day');
  });

  it('lets the person choose when both touched the same piece, and keeps theirs meanwhile', async () => {
    const id = await newCard();
    await save(id, 1, [border('mat-1', '1/4')]);
    const mine = await save(id, 1, [border('mat-1', '1/2')]);
    expect(mine).toMatchObject({ kind: 'conflict', revision: 2 });
    expect((await findCard(db, id))?.revision).toBe(2);
  });

  it('sees a conflict when one removed what the other builds on', async () => {
    const id = await newCard();
    await save(id, 1, [{ kind: 'remove', in: 'pieces', id: 'top' as PieceId }]);
    const piece = pieceOn('top', 'strip', reveal('1/8'));
    const mine = await save(id, 1, addPieces(fiveLayers(), [piece]));
    expect(mine.kind).toBe('conflict');
  });

  it('sees a conflict in a revision from the future', async () => {
    const id = await newCard();
    expect((await save(id, 7, [rename('x')])).kind).toBe('conflict');
  });
});

describe('revisions', () => {
  it('give the plan back as it was at each, across snapshots', async () => {
    const id = await newCard();
    for (let revision = 1; revision <= 51; revision++)
      await save(id, revision, [rename(`Title ${revision + 1}`)]);
    for (const number of [2, 49, 50, 51, 52]) {
      const plan = await planAtRevision(db, id, number);
      expect(plan.about.title).toBe(`Title ${number}`);
    }
    expect((await planAtRevision(db, id, 1)).about.title).toBe('Bean poles');
    const rows = await db.select().from(revisions).where(eq(revisions.cardId, id));
    const snapshots = rows.filter(({ plan }) => plan !== null).map(({ number }) => number);
    expect(snapshots.sort((a, b) => a - b)).toEqual([1, 50]);
    expect(rows.every(({ author }) => author === 'orla')).toBe(true);
  });
});

describe('the bin', () => {
  it('takes a card off the Ledge and gives it back whole', async () => {
    const id = await newCard();
    const isBinned = async () =>
      (await listCardHeads(db)).find((head) => head.id === id)?.binnedAt !== null;
    expect(await setCardBinned(db, id, someTime)).toBe(true);
    expect(await isBinned()).toBe(true);
    expect(await setCardBinned(db, id, null)).toBe(true);
    expect(await isBinned()).toBe(false);
    expect((await findCard(db, id))?.plan).toEqual(fiveLayers());
    expect(await setCardBinned(db, 'nowhere' as CardId, null)).toBe(false);
  });

  it('is emptied for good, revisions and all, of what lies in it and nothing else', async () => {
    const [kept, binned] = [await newCard(), await newCard()];
    await setCardBinned(db, binned, someTime);
    expect(await deleteBinnedCards(db, [kept, binned])).toEqual([binned]);
    expect(await deleteBinnedCards(db, [])).toEqual([]);
    expect(await findCard(db, binned)).toBeUndefined();
    expect(await findCard(db, kept)).toBeDefined();
    const left = await db.select().from(revisions).where(eq(revisions.cardId, binned));
    expect(left).toEqual([]);
  });
});

describe('the list of revisions', () => {
  it('has each save with its edits, and the plan the first starts from', async () => {
    const id = await newCard();
    for (const [index, title] of ['One', 'Two', 'Three'].entries())
      await saveEdits(db, {
        cardId: id,
        saveId: `list-${index}`,
        baseRevision: index + 1,
        edits: [{ kind: 'set-about', change: { title } }],
        author: 'orla' as DesignerId,
        at: someTime,
      });
    const all = await listRevisions(db, id, { most: 100 });
    expect(all?.revisions.map(({ number, edits }) => [number, edits.length])).toEqual([
      [1, 0],
      [2, 1],
      [3, 1],
      [4, 1],
    ]);
    expect(all?.start.about.title).toBe('Bean poles');
    const last = await listRevisions(db, id, { most: 2 });
    expect(last?.revisions.map(({ number }) => number)).toEqual([3, 4]);
    expect(last?.start.about.title).toBe('One');
    const older = await listRevisions(db, id, { before: 3, most: 1 });
    expect(older?.revisions.map(({ number, at }) => [number, at])).toEqual([
      [2, someTime.toISOString()],
    ]);
    expect(await listRevisions(db, id, { before: 1, most: 5 })).toBeUndefined();
  });
});
