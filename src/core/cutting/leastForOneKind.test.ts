import fc from 'fast-check';
import { expect, it } from 'vitest';
import { leastForOneKind, type KindSource } from './leastForOneKind';

it('takes the dearer sheet where two cheaper ones would cost more', () => {
  const sources = [
    { gives: 4, cost: 90, limit: undefined },
    { gives: 1, cost: 28, limit: undefined },
  ];
  expect(leastForOneKind(sources, 10)).toBe(236);
  expect(leastForOneKind(sources, 0)).toBe(0);
  expect(leastForOneKind([{ gives: 2, cost: 1, limit: 3 }], 7)).toBe(Infinity);
});

/** Every number of sheets of every source. */
function tryAll([first, ...others]: readonly KindSource[], wanted: number): number {
  if (wanted <= 0) return 0;
  if (!first) return Infinity;
  const most = Math.min(first.limit ?? Infinity, Math.ceil(wanted / Math.max(1, first.gives)));
  const counts = Array.from({ length: most + 1 }, (_, count) => count);
  return Math.min(
    ...counts.map((count) => count * first.cost + tryAll(others, wanted - count * first.gives)),
  );
}

it('is what trying every number of sheets gives (seed 5)', () => {
  const source = fc.record({
    gives: fc.integer({ min: 0, max: 5 }),
    cost: fc.integer({ min: 0, max: 9 }),
    limit: fc.option(fc.integer({ min: 0, max: 6 }), { nil: undefined }),
  });
  fc.assert(
    fc.property(
      fc.array(source, { maxLength: 3 }),
      fc.integer({ min: 0, max: 14 }),
      (sources, wanted) => {
        expect(leastForOneKind(sources, wanted)).toBe(tryAll(sources, wanted));
      },
    ),
    { seed: 5, numRuns: 300 },
  );
});
