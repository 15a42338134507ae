import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { inches } from '../length/length';
import { asTyped } from '../length/typedLength';
import type { LibraryId } from '../plan/ids';
import { holdingSchema, type Holding, type Leftover } from './holding';
import { giveBack, holdingsBefore, takeFrom } from './takeFrom';
import type { Taking } from './taking';

const itemId = 'oat' as LibraryId;
const left = (id: string, count: number): Leftover => ({
  id,
  size: { width: asTyped(inches(4)), height: asTyped(inches(8, 1, 2)) },
  count,
});
const oat: Holding = {
  itemId,
  sheets: [
    { sheet: 'letter', count: 12, price: 45 },
    { sheet: '12x12', count: null, price: null },
  ],
  leftovers: [left('a', 2), left('b', 1)],
  count: null,
  price: null,
  isGone: false,
};
const taking: Taking = { itemId, sheets: [], usedUp: [], leftOver: [], amount: 0 };

describe('taking from a holding', () => {
  it('counts sheets and leftovers down, and puts by what is left over', () => {
    const { holding } = takeFrom(oat, {
      ...taking,
      sheets: [{ sheet: 'letter', count: 5 }],
      usedUp: [left('a', 1), left('b', 1)],
      leftOver: [left('c', 5)],
    });
    expect(holding.sheets[0]?.count).toBe(7);
    expect(holding.leftovers.map(({ id, count }) => `${id}${count}`)).toEqual(['a1', 'c5']);
  });

  it('takes no more than there is, and leaves uncounted what nobody counts', () => {
    const { holding, taken } = takeFrom(oat, {
      ...taking,
      sheets: [
        { sheet: 'letter', count: 20 },
        { sheet: '12x12', count: 3 },
      ],
    });
    expect(holding.sheets.map(({ count }) => count)).toEqual([0, null]);
    expect(taken.sheets[0]?.count).toBe(12);
  });

  it('given back makes the holding as it was, for any taking (seed 11)', () => {
    const count = fc.integer({ min: 0, max: 30 });
    const takings = fc.record({ letter: count, a: count, b: count, fresh: count, amount: count });
    fc.assert(
      fc.property(takings, ({ letter, a, b, fresh, amount }) => {
        const before = { ...oat, count: 14 };
        const some = (id: string, of: number) => (of > 0 ? [left(id, of)] : []);
        const { holding, taken } = takeFrom(before, {
          itemId,
          sheets: [{ sheet: 'letter', count: letter }],
          usedUp: [...some('a', a), ...some('b', b)],
          leftOver: some('c', fresh),
          amount,
        });
        expect(holdingSchema.parse(holding)).toEqual(holding);
        expect(giveBack(holding, taken)).toEqual(before);
      }),
      { seed: 11 },
    );
  });

  it('is undone for a look alone: the holdings as if nothing were out', () => {
    const other: Holding = { ...oat, itemId: 'other' as LibraryId };
    const { holding, taken } = takeFrom(oat, {
      ...taking,
      sheets: [{ sheet: 'letter', count: 5 }],
      leftOver: [left('c', 2)],
    });
    expect(holdingsBefore([holding, other], [taken])).toEqual([oat, other]);
    expect(holdingsBefore([holding], [])).toEqual([holding]);
  });

  it('leaves no crumbs of metres: what is given back is what there was (seed 12)', () => {
    const metres = fc.integer({ min: 0, max: 60_000 }).map((thousandths) => thousandths / 1000);
    fc.assert(
      fc.property(metres, fc.double({ min: 0, max: 90, noNaN: true }), (count, amount) => {
        const before = { ...oat, count };
        const { holding, taken } = takeFrom(before, { ...taking, amount });
        expect(giveBack(holding, taken)).toEqual(before);
      }),
      { seed: 12 },
    );
  });
});
