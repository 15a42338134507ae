import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { library } from '../../../test/support/plans';
import { emptyStore } from '../../../test/support/store';
import type { Store } from '../storeTypes';
import { addToLibrary, readLibrary } from './library';

let store: Store;
beforeAll(async () => {
  store = await emptyStore();
});
afterAll(() => store.close());

describe('the library of a database', () => {
  it('is read once, however many ask at the same time', async () => {
    await addToLibrary(store.db, library);
    const read = await Promise.all(Array.from({ length: 12 }, () => readLibrary(store.db)));
    const [first, ...others] = read;
    expect(first?.map(({ id }) => id)).toEqual(library.map(({ id }) => id).toSorted());
    // What is parsed anew is another object.
    for (const other of others)
      expect(
        other.every((item, at) => item === first?.[at]) && other.length === first?.length,
      ).toBe(true);
  });

  it('has what came since, and keeps what it had', async () => {
    const before = await readLibrary(store.db);
    const [stock] = before;
    if (!stock) throw new Error('an empty library');
    await addToLibrary(store.db, [{ ...stock, version: 9 }]);
    const after = await readLibrary(store.db);
    expect(after).toHaveLength(before.length + 1);
    expect(before.every((item) => after.some((each) => each.id === item.id))).toBe(true);
    expect(after.find(({ id, version }) => id === stock.id && version === 9)?.name).toBe(
      stock.name,
    );
  });
});
