import { beforeAll, describe, expect, it } from 'vitest';
import { fiveLayers, library } from '../../../test/support/plans';
import { freshId, someTime, testDatabase } from '../../../test/support/store';
import type { CardId } from '../../core/plan/ids';
import type { Ahead } from '../../core/process/ahead';
import type { Database } from '../storeTypes';
import { createCard, setCardBinned } from './cards';
import { addToLibrary } from './library';
import { changeAhead, findAhead, listAhead } from './madeAhead';

let db: Database;
beforeAll(async () => {
  db = await testDatabase();
  await addToLibrary(db, library);
});

async function newCard(): Promise<CardId> {
  const id = freshId() as CardId;
  const plan = fiveLayers();
  await createCard(db, { id, plan, embedded: [], saveId: 'made', author: null, at: someTime });
  return id;
}

const panels: Ahead = { step: 'blend:sky', name: 'Blend the sky', count: 6 };
const bases: Ahead = { step: 'stamp:greeting', name: 'Stamp the greeting', count: 3 };

describe('what is made ahead of a card', () => {
  it('is kept by its step, each once, and gone when there is none', async () => {
    const id = await newCard();
    await changeAhead(db, id, panels.step, panels);
    await changeAhead(db, id, bases.step, bases);
    await changeAhead(db, id, panels.step, { ...panels, count: 4 });
    expect(await findAhead(db, id)).toEqual([bases, { ...panels, count: 4 }]);
    await changeAhead(db, id, panels.step, null);
    expect(await changeAhead(db, id, bases.step, null)).toEqual([]);
    expect(await findAhead(db, id)).toEqual([]);
  });

  it('loses nothing where two change it at once', async () => {
    const id = await newCard();
    await Promise.all([panels, bases].map((each) => changeAhead(db, id, each.step, each)));
    expect((await findAhead(db, id)).map(({ count }) => count).toSorted()).toEqual([3, 6]);
  });

  it('is listed with the title of its card, but not of one in the bin', async () => {
    const [id, binned] = [await newCard(), await newCard()];
    await changeAhead(db, id, panels.step, panels);
    await changeAhead(db, binned, panels.step, panels);
    await setCardBinned(db, binned, someTime);
    const all = await listAhead(db);
    expect(all.filter(({ cardId }) => cardId === id || cardId === binned)).toEqual([
      { cardId: id, title: fiveLayers().about.title, ahead: [panels] },
    ]);
  });
});
