import { describe, expect, it } from 'vitest';
import batches from '../../../test/reference/cutting/batches.json';
import { isCutEdgeToEdge } from '../../../test/support/verifyCuts';
import { placeItems } from './cutTree';
import { packSheets, type PackedSheet, type PackSource } from './packSheets';
import type { Lying } from './unboundedValue';

interface Piece {
  readonly w: number;
  readonly h: number;
  readonly copies: number;
  readonly mayTurn: boolean;
}

const pack = (sources: readonly PackSource[], pieces: readonly Piece[]) =>
  packSheets(
    sources,
    pieces.flatMap(({ w, h, copies, mayTurn }, item): Lying[] => {
      const plain = { item, w, h, copies, turned: false };
      return mayTurn && w !== h ? [plain, { ...plain, w: h, h: w, turned: true }] : [plain];
    }),
    pieces.map(({ copies }) => copies),
    1,
  );
const endless = (w: number, h: number, cost = w * h): PackSource => ({
  w,
  h,
  cost,
  limit: undefined,
  reach: Infinity,
});

function expectPacked(
  sources: readonly PackSource[],
  pieces: readonly Piece[],
  sheets: readonly PackedSheet[],
) {
  const made = pieces.map(() => 0);
  for (const { tree, source, times } of sheets) {
    const placed = placeItems(tree);
    expect(isCutEdgeToEdge(sources[source] ?? { w: 0, h: 0 }, placed)).toBe(true);
    for (const { item } of placed) made[item] = (made[item] ?? 0) + times;
  }
  expect(made).toEqual(pieces.map(({ copies }) => copies));
}

describe('a first plan', () => {
  // test/reference/cutting/batches.json: the fewest sheets, proven there by column generation.
  it.each(batches.cases)(
    '$id: all pieces, edge to edge, at most a sixth more sheets than are needed',
    ({ sheet, pieces, lowerBound }) => {
      const sources = [endless(sheet.w, sheet.h)];
      const sheets = pack(sources, pieces) ?? [];
      expectPacked(sources, pieces, sheets);
      const count = sheets.reduce((sum, { times }) => sum + times, 0);
      expect(count).toBeLessThanOrEqual(Math.ceil(lowerBound * 1.17));
    },
  );

  it('uses up what is left over already, and puts what a smaller sheet holds on one', () => {
    const sources = [
      endless(192, 192),
      endless(96, 96),
      { w: 100, h: 50, cost: 0, limit: 1, reach: Infinity },
    ];
    const pieces = [
      { w: 90, h: 40, copies: 1, mayTurn: true },
      { w: 160, h: 160, copies: 1, mayTurn: false },
    ];
    const sheets = pack(sources, pieces) ?? [];
    expectPacked(sources, pieces, sheets);
    expect(sheets.map(({ source }) => source).toSorted()).toEqual([0, 2]);
    const small = pack(sources.slice(0, 2), pieces.slice(0, 1)) ?? [];
    expect(small.map(({ source }) => source)).toEqual([1]);
  });

  it('cuts nothing longer than the trimmer', () => {
    const source = { ...endless(305, 305), reach: 300 };
    const sheets = pack([source], [{ w: 100, h: 100, copies: 9, mayTurn: false }]);
    // No first cut crosses such a sheet.
    expect(sheets).toBeUndefined();
    const strip = { ...endless(200, 305), reach: 300 };
    const cut = pack([strip], [{ w: 90, h: 150, copies: 4, mayTurn: false }]) ?? [];
    expectPacked([strip], [{ w: 90, h: 150, copies: 4, mayTurn: false }], cut);
    expect(cut).toHaveLength(1);
    for (const { tree } of cut) expect(tree.kind).toBe('down');
  });

  it('is none where the sheets do not suffice', () => {
    expect(
      pack(
        [{ w: 50, h: 50, cost: 1, limit: 1, reach: Infinity }],
        [{ w: 40, h: 40, copies: 2, mayTurn: true }],
      ),
    ).toBeUndefined();
  });
});
