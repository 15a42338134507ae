import { describe, expect, it } from 'vitest';
import { isCutEdgeToEdge } from '../../../test/support/verifyCuts';
import { withoutWaste } from '../../../bench/workloads';
import { placeItems } from './cutTree';
import { perfectSheets } from './perfectSheets';

describe('sheets without waste', () => {
  // Five sheets cut up edge to edge: as many suffice, by how the batch was made.
  it.each([1, 2])('are found where there are some (seed %i)', (seed) => {
    const { pieces, sources } = withoutWaste(seed, 5);
    const [sheet] = sources;
    if (!sheet) throw new Error('no sheet');
    const lyings = pieces.flatMap(({ w, h, copies }, item) => [
      { item, w, h, copies, turned: false },
      { item, w: h, h: w, copies, turned: true },
    ]);
    const wanted = pieces.map(({ copies }) => copies);
    const full = perfectSheets(sheet, lyings, wanted, 1, () => false);
    expect(full.length).toBeGreaterThanOrEqual(5);
    for (const tree of full) {
      const placed = placeItems(tree);
      expect(isCutEdgeToEdge(sheet, placed)).toBe(true);
      expect(placed.reduce((sum, { w, h }) => sum + w * h, 0)).toBe(sheet.w * sheet.h);
    }
  });

  it('are none where nothing fits together', () => {
    const lyings = [{ item: 0, w: 7, h: 5, copies: 9, turned: false }];
    expect(perfectSheets({ w: 10, h: 10 }, lyings, [9], 1, () => false)).toEqual([]);
  });
});
