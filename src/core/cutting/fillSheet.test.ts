import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { isCutEdgeToEdge } from '../../../test/support/verifyCuts';
import { placeItems } from './cutTree';
import { fillSheet } from './fillSheet';
import { seeded } from '../seeded';
import { cutGrid, unboundedValues, type Lying } from './unboundedValue';

const sheet = { w: 24, h: 18 };
const anyItem = fc.record({
  w: fc.integer({ min: 2, max: 12 }),
  h: fc.integer({ min: 2, max: 12 }),
  copies: fc.integer({ min: 1, max: 4 }),
  value: fc.integer({ min: 1, max: 30 }),
});

describe('a quick filling', () => {
  it.each([81, 82])('keeps the limits and is cut edge to edge (seed %i)', (seed) => {
    fc.assert(
      fc.property(fc.array(anyItem, { minLength: 1, maxLength: 5 }), fc.nat(99), (items, turn) => {
        const lyings = items.map(({ w, h, copies }, item): Lying => ({
          item,
          w,
          h,
          copies,
          turned: false,
        }));
        const grid = cutGrid(sheet, lyings);
        const values = items.map(({ value }) => value);
        const limits = items.map(({ copies }) => copies);
        const unbounded = unboundedValues(grid, values);
        const tree = fillSheet(grid, unbounded, values, limits, seeded(turn));
        const placed = placeItems(tree);
        expect(placed.length).toBeGreaterThan(0);
        expect(isCutEdgeToEdge(sheet, placed)).toBe(true);
        for (const [item, limit] of limits.entries())
          expect(placed.filter((each) => each.item === item).length).toBeLessThanOrEqual(limit);
        const worth = placed.reduce((sum, { item }) => sum + (values[item] ?? 0), 0);
        expect(worth).toBeLessThanOrEqual(unbounded.valueOf(sheet.w, sheet.h));
      }),
      { seed, numRuns: 100 },
    );
  });

  it('is empty where nothing fits or nothing is left', () => {
    const grid = cutGrid(sheet, [{ item: 0, w: 30, h: 2, copies: 3, turned: false }]);
    const unbounded = unboundedValues(grid, [5]);
    expect(fillSheet(grid, unbounded, [5], [3], seeded(1))).toBeUndefined();
    const small = cutGrid(sheet, [{ item: 0, w: 3, h: 2, copies: 3, turned: false }]);
    const values = unboundedValues(small, [5]);
    expect(fillSheet(small, values, [5], [0], seeded(2))).toBeUndefined();
  });
});
