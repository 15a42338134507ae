import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import cgcut1 from '../../../test/reference/cutting/cgcut1.json';
import gcut1 from '../../../test/reference/cutting/gcut1.json';
import wang20 from '../../../test/reference/cutting/wang20.json';
import { isCutEdgeToEdge } from '../../../test/support/verifyCuts';
import { bestValue, type BestValue, type ValueItem } from './bestValue';
import { placeItems } from './cutTree';
import { normalPatterns, patternAt, restPlaces } from './normalPatterns';

const budget = { mostBuilt: 2_000_000, isOver: () => false };
type Sheet = { readonly w: number; readonly h: number };
const solve = (sheet: Sheet, items: readonly ValueItem[], mayTurn = false) =>
  bestValue(sheet, items, mayTurn, budget);

/** All pieces there and no more than there are, each of its size, cut edge to edge, worth what is said. */
function expectCuttable(
  sheet: Sheet,
  items: readonly ValueItem[],
  { tree, value }: BestValue,
  mayTurn: boolean,
) {
  const placed = placeItems(tree);
  expect(isCutEdgeToEdge(sheet, placed)).toBe(true);
  for (const { item, w, h, turned } of placed) {
    const wanted = items[item];
    expect(turned && !mayTurn).toBe(false);
    expect(turned ? [h, w] : [w, h]).toEqual([wanted?.w, wanted?.h]);
  }
  for (const [item, { copies }] of items.entries())
    expect(placed.filter((each) => each.item === item).length).toBeLessThanOrEqual(
      copies ?? Infinity,
    );
  expect(placed.reduce((sum, { item }) => sum + (items[item]?.value ?? 0), 0)).toBe(value);
}

describe('published instances', () => {
  // Christofides and Whitlock (1977), Wang (1983), Beasley (1985); the best values are the published ones.
  it.each([
    ['cgcut1', cgcut1],
    ['wang20', wang20],
    ['gcut1', gcut1],
  ])('%s has its published best value, proven, and cut edge to edge', (_, instance) => {
    const items = instance.items.map(
      (item: Omit<ValueItem, 'copies'> & { readonly copies?: number }) => ({
        ...item,
        copies: item.copies,
      }),
    );
    const found = solve(instance.sheet, items);
    expect(found).toMatchObject({
      value: instance.optimum,
      bound: instance.optimum,
      isProven: true,
    });
    expectCuttable(instance.sheet, items, found, false);
  });
});

/**
 * The slow obvious twin: every way of cutting a rectangle in two at every whole place, and every way of
 * sharing out the copies, tried.
 */
function tryAll({ w, h }: Sheet, items: readonly ValueItem[], mayTurn: boolean): number {
  const memo = new Map<string, number>();
  const best = (width: number, height: number, left: readonly number[]): number => {
    const key = `${width} ${height} ${left.join()}`;
    const known = memo.get(key);
    if (known !== undefined) return known;
    let most = 0;
    for (const [item, { w: iw, h: ih, value }] of items.entries()) {
      const fits = (iw <= width && ih <= height) || (mayTurn && ih <= width && iw <= height);
      if ((left[item] ?? 0) > 0 && fits) most = Math.max(most, value);
    }
    for (const share of shares(left)) {
      const other = left.map((count, item) => count - (share[item] ?? 0));
      for (let cut = 1; cut < width; cut++)
        most = Math.max(most, best(cut, height, share) + best(width - cut, height, other));
      for (let cut = 1; cut < height; cut++)
        most = Math.max(most, best(width, cut, share) + best(width, height - cut, other));
    }
    memo.set(key, most);
    return most;
  };
  return best(
    w,
    h,
    items.map(({ copies }) => copies ?? 0),
  );
}

function shares(left: readonly number[]): readonly (readonly number[])[] {
  return left.reduce<readonly (readonly number[])[]>(
    (all, count) =>
      all.flatMap((share) => Array.from({ length: count + 1 }, (_, taken) => [...share, taken])),
    [[]],
  );
}

describe('small sheets', () => {
  const anyItem = fc.record({
    w: fc.integer({ min: 1, max: 4 }),
    h: fc.integer({ min: 1, max: 4 }),
    value: fc.integer({ min: 1, max: 20 }),
    copies: fc.integer({ min: 1, max: 2 }),
  });
  const anyProblem = fc.record({
    w: fc.integer({ min: 2, max: 6 }),
    h: fc.integer({ min: 2, max: 6 }),
    items: fc.array(anyItem, { minLength: 1, maxLength: 3 }),
    mayTurn: fc.boolean(),
  });

  it.each([71, 72])('are worth what trying everything finds (seed %i)', (seed) => {
    fc.assert(
      fc.property(anyProblem, ({ w, h, items, mayTurn }) => {
        const found = solve({ w, h }, items, mayTurn);
        expect(found.isProven).toBe(true);
        expect(found.value).toBe(tryAll({ w, h }, items, mayTurn));
        expectCuttable({ w, h }, items, found, mayTurn);
      }),
      { seed, numRuns: 60 },
    );
  });

  it('are worth nothing where nothing fits', () => {
    expect(solve({ w: 2, h: 2 }, [{ w: 3, h: 1, value: 5, copies: 1 }])).toMatchObject({
      value: 0,
      isProven: true,
      tree: undefined,
    });
  });
});

describe('a search that is ended', () => {
  it('gives what it has, a bound that holds, and says that nothing is proven', () => {
    const { sheet, items, optimum } = wang20;
    const few = { ...budget, mostBuilt: 30 };
    const found = bestValue(sheet, items, false, few);
    expect(found.isProven).toBe(false);
    expect(found.value).toBeLessThanOrEqual(optimum);
    expect(found.bound).toBeGreaterThanOrEqual(optimum);
    expectCuttable(sheet, items, found, false);
    // The same budget gives the same answer.
    expect(bestValue(sheet, items, false, few)).toEqual(found);
  });
});

describe('normal patterns', () => {
  it('are every sum of sides up to the room, and the room', () => {
    const sides = [
      { length: 3, copies: 2 },
      { length: 5, copies: 1 },
    ];
    expect(normalPatterns(12, sides)).toEqual([0, 3, 5, 6, 8, 11, 12]);
    expect(normalPatterns(4, [])).toEqual([0, 4]);
  });

  it('are found by length, and know what a cut leaves', () => {
    const patterns = [0, 3, 5, 6, 8, 11, 12];
    for (let length = 0; length <= 14; length++)
      expect(patterns[patternAt(patterns, length)]).toBe(
        Math.max(...patterns.filter((pattern) => pattern <= length)),
      );
    const rests = restPlaces(patterns);
    for (const [whole, w] of patterns.entries())
      for (const [cut, c] of patterns.entries())
        if (cut <= whole)
          expect(rests[whole * patterns.length + cut]).toBe(patternAt(patterns, w - c));
  });
});
