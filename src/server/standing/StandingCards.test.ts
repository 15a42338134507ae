import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { fiveLayers, library } from '../../../test/support/plans';
import { must } from '../../../test/support/must';
import { emptyStore, freshId, someTime } from '../../../test/support/store';
import type { CardId } from '../../core/plan/ids';
import type { LibraryItem } from '../../core/plan/libraryItem';
import { createCard, deleteBinnedCards, setCardBinned, type KeptCard } from '../repositories/cards';
import { addToLibrary } from '../repositories/library';
import { saveEdits } from '../repositories/saveEdits';
import { readPictures } from '../repositories/standingCards';
import type { Store } from '../storeTypes';
import { standBlank, standCards, type StoodCard } from '../threads/tasks/standCards';
import { StandingCards } from './StandingCards';

let store: Store;
let cards: StandingCards;
/** Cards that were computed since it was last looked at, by whoever listens to the database. */
let computed: KeptCard[] = [];

const stand = async (kept: readonly KeptCard[], items: readonly LibraryItem[]) => {
  const stood: StoodCard[] = [];
  const means = {
    part: (part: unknown) => stood.push(part as StoodCard),
    limit: () => undefined,
    solver: () => Promise.reject(new Error('nothing is solved here')),
  };
  computed.push(...kept);
  await standCards({ cards: kept, library: items }, means);
  return stood;
};
const countComputed = (of: readonly CardId[] = [first, second]) => {
  const count = new Set(computed.flatMap(({ id }) => (of.includes(id) ? [id] : []))).size;
  computed = [];
  return count;
};
const make = async (title: string) => {
  const id = freshId() as CardId;
  await makeIn(store, id, title);
  return id;
};
const makeIn = async ({ db }: Store, id: CardId, title: string) => {
  const plan = fiveLayers();
  await createCard(db, {
    id,
    plan: { ...plan, about: { ...plan.about, title } },
    embedded: [],
    saveId: 'made',
    author: null,
    at: someTime,
  });
};
const rename = (id: CardId, title: string, baseRevision: number) =>
  saveEdits(store.db, {
    cardId: id,
    saveId: `${baseRevision}`,
    baseRevision,
    edits: [{ kind: 'set-about', change: { title } }],
    author: null,
    at: new Date(someTime.getTime() + baseRevision * 1000),
  });
const titles = async (from = cards) => (await from.list()).map(({ card }) => card.title);
const standingOf = async (id: CardId) =>
  must((await cards.list()).find(({ head }) => head.id === id));

let first: CardId;
let second: CardId;

describe('cards as they stand on the Ledge', () => {
  beforeAll(async () => {
    store = await emptyStore();
    await addToLibrary(store.db, library);
    first = await make('Pear tree');
    second = await make('Low tide');
    cards = await StandingCards.load(store, stand);
  });
  afterAll(() => store.close());

  it('are computed once, found by their words, and kept for the next start', async () => {
    expect((await titles()).sort()).toEqual(['Low tide', 'Pear tree']);
    expect(countComputed()).toBe(2);
    const { card, text } = await standingOf(first);
    expect(card).toMatchObject({ title: 'Pear tree', revision: 1, failure: null, copies: 1 });
    expect(text.words).toContain('moss');
    const picture = must((await readPictures(store.db, [first])).get(first));
    expect(JSON.parse(picture)).toHaveLength(5);

    const again = await StandingCards.load(store, stand);
    expect(await titles(again)).toEqual(await titles());
    expect(countComputed()).toBe(0);
  });

  it('show what was saved to whoever asks after it, and compute that card alone', async () => {
    await rename(first, 'Plum tree', 1);
    expect(await titles()).toEqual(['Plum tree', 'Low tide']);
    await rename(second, 'High tide', 1);
    await rename(second, 'Spring tide', 2);
    expect(await titles()).toEqual(['Spring tide', 'Plum tree']);
    expect(new Set(computed.map(({ id }) => id))).toEqual(new Set([first, second]));
    expect((await standingOf(second)).card.revision).toBe(3);
    computed = [];
  });

  it('tell their version apart with every change, and only then', async () => {
    const before = cards.version;
    await cards.list();
    expect(cards.version).toBe(before);
    await setCardBinned(store.db, first, someTime);
    expect((await standingOf(first)).head.binnedAt).toEqual(someTime);
    expect(cards.version).not.toBe(before);
    await setCardBinned(store.db, first, null);
    expect((await standingOf(first)).head.binnedAt).toBeNull();
    expect(countComputed()).toBe(0);
  });

  it('are computed anew where an item they use has a newer version, and no others', async () => {
    const moss = must(library.find(({ id }) => id === 'moss'));
    const before = (await standingOf(first)).card.looks;
    await addToLibrary(store.db, [{ ...moss, version: moss.version + 1 }]);
    expect((await standingOf(first)).card.looks).toBe(before + 1);
    expect(countComputed()).toBe(2);
    await addToLibrary(store.db, [{ ...moss, id: freshId() as typeof moss.id }]);
    await cards.list();
    expect(countComputed()).toBe(0);
  });

  it('hear of what another process wrote when they look for it', async () => {
    const other = await StandingCards.load(store, stand);
    await rename(first, 'Quince tree', 2);
    await cards.list();
    computed = [];
    await other.sync();
    expect(await titles(other)).toEqual(await titles());
    expect(countComputed()).toBe(0);
  });

  it('stand as blanks where they take too long, and are tried again at the next start', async () => {
    const busy = await emptyStore();
    try {
      await addToLibrary(busy.db, library);
      const id = freshId() as CardId;
      await makeIn(busy, id, 'Slow morning');
      const tooLate = (kept: readonly KeptCard[]) =>
        Promise.resolve(
          kept.map((card) => ({ ...standBlank(card, 'too intricate'), isLate: true })),
        );
      const failureOf = async (from: StandingCards) => (await from.list())[0]?.card.failure;
      expect(await failureOf(await StandingCards.load(busy, tooLate))).toBe('too intricate');
      const again = await StandingCards.load(busy, stand);
      await expect.poll(() => failureOf(again), { timeout: 20_000 }).toBeNull();
    } finally {
      await busy.close();
    }
  });

  it('stand as blanks with their titles where there are very many, until there is time', async () => {
    const crowd = await emptyStore();
    try {
      await addToLibrary(crowd.db, library);
      const ids = Array.from({ length: 201 }, () => freshId() as CardId);
      for (const id of ids) await makeIn(crowd, id, `Card ${id}`);
      const many = await StandingCards.load(crowd, stand);
      const atOnce = await many.list();
      expect(atOnce[0]?.card).toMatchObject({ title: `Card ${atOnce[0]?.head.id}`, stops: 0 });
      expect(atOnce.filter(({ card }) => card.failure !== null).length).toBeGreaterThan(100);
      await expect
        .poll(async () => (await many.list()).every(({ card }) => card.failure === null), {
          timeout: 20_000,
        })
        .toBe(true);
      // Each once, and kept.
      expect(countComputed(ids)).toBe(201);
      await StandingCards.load(crowd, stand);
      expect(countComputed(ids)).toBe(0);
    } finally {
      await crowd.close();
    }
  });

  it('go when their card is removed for good', async () => {
    await setCardBinned(store.db, second, someTime);
    await deleteBinnedCards(store.db, [second]);
    expect(await titles()).toEqual(['Quince tree']);
    expect((await readPictures(store.db, [second])).size).toBe(0);
  });

  it('stand as a plain blank with what can still be read where a plan is damaged', () => {
    const kept = { id: first, revision: 3, plan: { about: { title: 'Torn' } } };
    const { card, found, picture } = standBlank(kept, 'plan damaged');
    expect(JSON.parse(card)).toMatchObject({ title: 'Torn', revision: 3, failure: 'plan damaged' });
    expect(JSON.parse(found)).toEqual({ words: 'torn', sizes: [] });
    expect(picture).toBeNull();
  });
});
