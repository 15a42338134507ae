import { beforeAll, describe, expect, it } from 'vitest';
import { fiveLayers, typed } from '../../../test/support/plans';
import { freshId, someTime, testDatabase } from '../../../test/support/store';
import type { CutBatch } from '../../core/cutting/cutBatch';
import type { CardId, LibraryId } from '../../core/plan/ids';
import type { LibraryItem } from '../../core/plan/libraryItem';
import type { Holding } from '../../core/stash/holding';
import { emptyHolding } from '../../core/stash/holdings';
import type { Taking } from '../../core/stash/taking';
import type { Database } from '../storeTypes';
import { createCard } from './cards';
import { dropBatch, findBatch, giveBackForBatch, keepBatch, takeForBatch } from './cutBatches';
import { readLibrary } from './library';
import { changeStash, readHolding, writeHolding } from './stash';

let db: Database;
beforeAll(async () => {
  db = await testDatabase();
});

const gem = (id: LibraryId, name: string): LibraryItem => ({
  kind: 'embellishment',
  id,
  version: 1,
  name,
  sale: { from: null, until: null },
  embellishment: 'gem',
  colour: '#aa2233',
});
const newId = () => freshId() as LibraryId;

describe('a change of the stash', () => {
  it('makes a thing, and each change of it the next version; what was stays', async () => {
    const id = newId();
    const first = await changeStash(db, [{ itemId: id, item: gem(id, 'Gem') }]);
    const second = await changeStash(db, [{ itemId: id, item: gem(id, 'Ruby') }]);
    expect([first.items[0]?.version, second.items[0]?.version]).toEqual([1, 2]);
    const kept = (await readLibrary(db)).filter((item) => item.id === id);
    expect(kept.map(({ name }) => name).toSorted()).toEqual(['Gem', 'Ruby']);
  });

  it('gives every one of many at once a version of its own', async () => {
    const id = newId();
    const all = await Promise.all(
      ['a', 'b', 'c', 'd', 'e', 'f'].map((name) =>
        changeStash(db, [{ itemId: id, item: gem(id, name) }]),
      ),
    );
    const versions = all.map(({ items }) => items[0]?.version);
    expect(versions.toSorted()).toEqual([1, 2, 3, 4, 5, 6]);
  });

  it('is made whole or not at all', async () => {
    const [id, other] = [newId(), newId()];
    const bad = { ...gem(other, 'x'), colour: 'red' };
    await expect(
      changeStash(db, [
        { itemId: id, holding: { ...emptyHolding(id), count: 5 } },
        { itemId: other, item: bad },
      ]),
    ).rejects.toThrow();
    expect(await readHolding(db, id)).toEqual(emptyHolding(id));
  });

  it('takes two thousand rows at once', async () => {
    const ids = Array.from({ length: 2000 }, newId);
    const { items } = await changeStash(
      db,
      ids.map((id) => ({
        itemId: id,
        item: gem(id, `Gem ${id}`),
        holding: { ...emptyHolding(id), count: 1 },
      })),
    );
    expect(items).toHaveLength(2000);
    expect((await readHolding(db, ids[1999] ?? newId())).count).toBe(1);
  });
});

describe('what a batch takes', () => {
  const batch: CutBatch = {
    hash: '0123456789abcdef',
    acceptedAt: '2027-03-09T18:30:00.000Z',
    wanted: [],
    plan: { copies: 1, stocks: [], unknown: [], pending: [] },
    doneSteps: [],
    taken: null,
  };
  async function start(): Promise<{ card: CardId; holding: Holding; takings: Taking[] }> {
    const card = freshId() as CardId;
    await createCard(db, {
      id: card,
      plan: fiveLayers(),
      embedded: [],
      saveId: `made-${card}`,
      author: null,
      at: someTime,
    });
    const itemId = newId();
    const left = { width: typed('4'), height: typed('5') };
    const holding: Holding = {
      ...emptyHolding(itemId),
      sheets: [{ sheet: 'letter', count: 3, price: null }],
      leftovers: [{ id: 'a', size: left, count: 1 }],
    };
    await writeHolding(db, holding);
    const takings: Taking[] = [
      {
        itemId,
        sheets: [{ sheet: 'letter', count: 5 }],
        usedUp: [{ id: 'a', size: left, count: 1 }],
        leftOver: [{ id: 'b', size: left, count: 2 }],
        amount: 0,
      },
    ];
    return { card, holding, takings };
  }

  it('goes out once, as far as it is there, and comes back as it was', async () => {
    const { card, holding, takings } = await start();
    expect(await takeForBatch(db, card, takings)).toBeUndefined();
    await keepBatch(db, card, batch);
    const taken = await takeForBatch(db, card, takings);
    expect(taken?.batch.taken?.[0]?.sheets).toEqual([{ sheet: 'letter', count: 3 }]);
    const after = await readHolding(db, holding.itemId);
    expect([after.sheets[0]?.count, after.leftovers.map(({ id }) => id)]).toEqual([0, ['b']]);
    expect(await takeForBatch(db, card, takings)).toBeUndefined();
    await giveBackForBatch(db, card);
    expect(await readHolding(db, holding.itemId)).toEqual(holding);
    expect(await giveBackForBatch(db, card)).toBeUndefined();
    expect((await findBatch(db, card))?.taken).toBeNull();
  });

  it('goes out once where eight ask at the same time, and comes back once', async () => {
    const { card, holding, takings } = await start();
    await keepBatch(db, card, batch);
    const eight = <Result>(ask: () => Promise<Result>) =>
      Promise.all(Array.from({ length: 8 }, () => ask()));
    const taken = await eight(() => takeForBatch(db, card, takings));
    expect(taken.filter((state) => state !== undefined)).toHaveLength(1);
    expect((await readHolding(db, holding.itemId)).sheets[0]?.count).toBe(0);
    const given = await eight(() => giveBackForBatch(db, card));
    expect(given.filter((state) => state !== undefined)).toHaveLength(1);
    expect(await readHolding(db, holding.itemId)).toEqual(holding);
  });

  it('of two cards takes what there is of one thing from both', async () => {
    const [one, two] = [await start(), await start()];
    const takings = one.takings.map((taking) => ({
      ...taking,
      sheets: [{ sheet: 'letter' as const, count: 1 }],
    }));
    await keepBatch(db, one.card, batch);
    await keepBatch(db, two.card, batch);
    await Promise.all([takeForBatch(db, one.card, takings), takeForBatch(db, two.card, takings)]);
    expect((await readHolding(db, one.holding.itemId)).sheets[0]?.count).toBe(1);
  });

  it('stays taken whatever a page that was slow thinks of it, and the plan with it', async () => {
    const { card, holding, takings } = await start();
    await keepBatch(db, card, batch);
    const taken = (await takeForBatch(db, card, takings))?.batch.taken;
    await keepBatch(db, card, { ...batch, doneSteps: ['moss/0/0'], taken: null });
    expect(await findBatch(db, card)).toMatchObject({ doneSteps: ['moss/0/0'], taken });
    expect(await dropBatch(db, card)).toBe(false);
    await giveBackForBatch(db, card);
    await keepBatch(db, card, { ...batch, taken: taken ?? null });
    expect((await findBatch(db, card))?.taken).toBeNull();
    expect(await readHolding(db, holding.itemId)).toEqual(holding);
    expect(await dropBatch(db, card)).toBe(true);
  });

  it('keeps ticks, and is given up', async () => {
    const { card } = await start();
    await keepBatch(db, card, { ...batch, doneSteps: ['moss/0/0'] });
    expect((await findBatch(db, card))?.doneSteps).toEqual(['moss/0/0']);
    await dropBatch(db, card);
    expect(await findBatch(db, card)).toBeUndefined();
  });
});
