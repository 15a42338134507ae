import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { library, measure, pieceOn, planOf, stampedOn, wren } from '../../../test/support/plans';
import { emptyStore } from '../../../test/support/store';
import type { CardId, LibraryId } from '../../core/plan/ids';
import type { Combination } from '../../core/plan/combination';
import type { Store } from '../storeTypes';
import { cardsSharing, cardsUsing, createCard, setCardBinned } from './cards';
import { addToLibrary } from './library';

let store: Store;
beforeAll(async () => {
  store = await emptyStore();
  await addToLibrary(store.db, library);
});
afterAll(() => store.close());

const brass = 'brass' as LibraryId;
const combination = (kept: Combination['kept']): Combination => ({
  id: 'own' as Combination['id'],
  name: 'Brass',
  media: [{ from: { wish: '#cc9933' }, tool: 'pen', strength: 'even', passes: 1 }],
  begins: 'light',
  undercoat: null,
  note: '',
  kept,
});
const add = (id: string, title: string, kept: Combination['kept']) => {
  const plan = planOf([]);
  return createCard(store.db, {
    id: id as CardId,
    plan: { ...plan, about: { ...plan.about, title }, combinations: [combination(kept)] },
    embedded: [],
    saveId: `save-${id}`,
    author: null,
    at: new Date(),
  });
};

describe('a kept combination', () => {
  it('knows the cards it is used on, by their titles, in whatever version', async () => {
    await add('tram', 'Tram', { id: brass, version: 2 });
    await add('buoy', 'Buoy', { id: brass, version: 1 });
    await add('gull', 'Gull', { id: 'other' as LibraryId, version: 1 });
    await add('own', 'Own', null);
    expect(await cardsUsing(store.db, brass)).toEqual([
      { id: 'buoy', title: 'Buoy', faces: [] },
      { id: 'tram', title: 'Tram', faces: [] },
    ]);
    expect(await cardsUsing(store.db, 'none' as LibraryId)).toEqual([]);
  });
});

describe('cards that share items with one', () => {
  it('are the others outside the bin, those that share most first', async () => {
    const gull = 'other' as LibraryId;
    await add('kept', 'Kept', { id: brass, version: 1 });
    await add('binned', 'Binned', { id: brass, version: 1 });
    await setCardBinned(store.db, 'binned' as CardId, new Date());
    const plan = planOf([]);
    await createCard(store.db, {
      ...{ id: 'both' as CardId, embedded: [], saveId: 'both', author: null, at: new Date() },
      plan: {
        ...plan,
        about: { ...plan.about, title: 'Zinc' },
        making: { ...plan.making, copies: 7 },
        combinations: [
          combination({ id: brass, version: 1 }),
          { ...combination({ id: gull, version: 1 }), id: 'two' as Combination['id'] },
        ],
      },
    });
    const sharing = await cardsSharing(store.db, 'kept' as CardId, [brass, gull]);
    expect(sharing[0]).toEqual({ id: 'both', title: 'Zinc', copies: 7, shared: [brass, gull] });
    expect(sharing.map(({ id }) => id)).not.toContain('kept');
    expect(sharing.map(({ id }) => id)).not.toContain('binned');
    expect(await cardsSharing(store.db, 'kept' as CardId, [])).toEqual([]);
    // The end of a longer id is another item.
    expect(await cardsSharing(store.db, 'kept' as CardId, ['ass' as LibraryId])).toEqual([]);
  });
});

describe('a stamp', () => {
  it('knows the cards it is printed on, and on which faces', async () => {
    const plan = planOf([
      pieceOn('inside', 'panel', measure('4', '5')),
      stampedOn('panel', 'bird', wren),
      stampedOn('panel', 'other', wren),
      stampedOn('front', 'first', wren),
    ]);
    await createCard(store.db, {
      ...{ id: 'wrens' as CardId, plan, embedded: [], saveId: 'wrens', author: null },
      at: new Date(),
    });
    expect(await cardsUsing(store.db, wren.id)).toEqual([
      { id: 'wrens', title: plan.about.title, faces: ['inside', 'front'] },
    ]);
  });
});
