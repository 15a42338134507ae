import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { library, moss, planOf } from '../../test/support/plans';
import { emptyStore, freshId, someTime } from '../../test/support/store';
import type { CardId, SeriesId } from '../core/plan/ids';
import { makeSeries } from './makeSeries';
import { createCard, findCard, listCardHeads } from './repositories/cards';
import { addToLibrary } from './repositories/library';
import type { Store } from './storeTypes';

let store: Store;
beforeAll(async () => {
  store = await emptyStore();
  await addToLibrary(store.db, library);
});
afterAll(() => store.close());

const plan = planOf([]);
const design = {
  ...plan,
  about: { ...plan.about, status: 'filmed' as const, checked: ['inside' as const] },
};
const series = { id: 'beans' as SeriesId, name: 'Beans' };
const onMoss = { kind: 'set-base' as const, change: { stock: moss } };

describe('the cards of a series', () => {
  it('are planned anew from the design, and made once however often they are asked for', async () => {
    const { db } = store;
    const id = freshId() as CardId;
    await createCard(db, {
      ...{ id, plan: design, embedded: [], saveId: id, author: null, at: someTime },
    });
    const own = freshId() as CardId;
    const wanted = {
      series,
      design,
      cards: [{ id: own, title: 'On moss', edits: [onMoss] }],
    };
    expect(await makeSeries(db, id, wanted, null, someTime)).toEqual([own]);
    await makeSeries(db, id, wanted, null, someTime);
    expect(await listCardHeads(db)).toHaveLength(2);
    const made = await findCard(db, own);
    expect(made?.plan.base.stock).toEqual(moss);
    expect(made?.plan.about).toMatchObject({
      ...{ title: 'On moss', series, status: 'planned', checked: [] },
    });
  });

  it('are all made or none, with the reason', async () => {
    const { db } = store;
    const [head] = await listCardHeads(db);
    const before = (await listCardHeads(db)).length;
    const wanted = {
      series,
      design,
      cards: [
        { id: freshId() as CardId, title: 'On moss', edits: [onMoss] },
        {
          id: freshId() as CardId,
          title: 'Without',
          edits: [{ kind: 'remove' as const, in: 'pieces' as const, id: 'nothing' }],
        },
      ],
    };
    await expect(makeSeries(db, head?.id, wanted, null, someTime)).rejects.toMatchObject({
      status: 400,
      reason: { path: 'cards.1.edits' },
    });
    await expect(makeSeries(db, 'nowhere', wanted, null, someTime)).rejects.toMatchObject({
      status: 404,
    });
    expect(await listCardHeads(db)).toHaveLength(before);
  });
});
