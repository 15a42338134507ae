import { describe, expect, it } from 'vitest';
import batches from '../../../test/reference/cutting/batches.json';
import { loadHighs } from '../../../test/support/highs';
import { playCuts } from '../../../test/support/verifyCuts';
import { highsCoverSolver } from './coverSolver';
import { oneAbove, placeItems, sideBySide, type CutTree } from './cutTree';
import { layOutSheet } from './layOutSheet';
import { lastOf, planSheets } from './planSheets';

const solver = highsCoverSolver(await loadHighs());
const budget = {
  mostPatterns: 300,
  mostBuilt: 500,
  mostNodes: 100,
  seed: 1,
  isOver: () => false,
  secondsLeft: () => Infinity,
};
const piece = (item: number, w: number, h: number): CutTree => ({
  kind: 'item',
  item,
  turned: false,
  w,
  h,
});
/** What an independent hand gets that cuts a sheet step by step, against what the layout says. */
function expectPlayable(
  tree: CutTree,
  sheet: { w: number; h: number },
  reach = Infinity,
  useful = 0,
) {
  const layout = layOutSheet(tree, sheet, { reach, useful });
  const parts = playCuts(sheet, layout.steps, reach);
  const key = ({ x, y, w, h }: { x: number; y: number; w: number; h: number }) =>
    `${x} ${y} ${w} ${h}`;
  expect(parts.map(key).sort()).toEqual([...layout.items, ...layout.rests].map(key).sort());
  const sizes = (items: readonly { item: number; w: number; h: number }[]) =>
    items.map(({ item, w, h }) => `${item} ${w} ${h}`).sort();
  expect(sizes(layout.items)).toEqual(sizes(placeItems(tree)));
  return layout;
}

describe('a laid out sheet', () => {
  it.each(batches.cases)(
    '$id: the steps, done by hand, give every item and what is left, and nothing else',
    { timeout: 60_000 },
    ({ sheet, pieces }) => {
      const sources = [{ ...sheet, cost: 1, limit: undefined }];
      const plan = lastOf(planSheets(sources, pieces, solver, budget));
      expect(plan.sheets.length).toBeGreaterThan(0);
      for (const { tree } of plan.sheets) expectPlayable(tree, sheet);
    },
  );

  it('cuts alike strips at one setting and turns once', () => {
    // Four 66 x 86 panels from a letter sheet, in sixteenths.
    const column = oneAbove(piece(0, 66, 86), piece(0, 66, 86));
    const layout = expectPlayable(sideBySide(column, column), { w: 136, h: 176 }, 192, 12);
    expect(layout.steps.map(({ line, fence }) => [line, fence])).toEqual([
      ['upright', 66],
      ['level', 86],
    ]);
    expect(layout.steps[1]?.parts).toHaveLength(2);
  });

  it('keeps a useful rest whole, at a cut of its own', () => {
    const column = oneAbove(piece(0, 66, 70), piece(0, 66, 70));
    const layout = expectPlayable(sideBySide(column, column), { w: 136, h: 176 }, 192, 12);
    expect(layout.rests[0]).toEqual({ x: 0, y: 140, w: 136, h: 36 });
    expect(layout.steps[0]).toMatchObject({ line: 'level', fence: 140 });
  });

  it('frees the larger arm of what is left first', () => {
    const layout = expectPlayable(piece(0, 40, 100), { w: 136, h: 176 });
    expect(layout.rests[0]).toEqual({ x: 40, y: 0, w: 96, h: 176 });
    const flat = expectPlayable(piece(0, 130, 40), { w: 136, h: 176 });
    expect(flat.rests[0]).toEqual({ x: 0, y: 40, w: 136, h: 136 });
  });

  it('cuts the longest measure first, and one after another the same', () => {
    const row = sideBySide(sideBySide(piece(0, 20, 50), piece(1, 40, 50)), piece(0, 20, 50));
    const layout = expectPlayable(row, { w: 100, h: 50 });
    expect(layout.steps.map(({ fence, parts }) => [fence, parts[0]?.lines.length])).toEqual([
      [40, 1],
      [20, 2],
    ]);
  });

  it('makes no cut longer than the reach', () => {
    const stack = oneAbove(
      sideBySide(piece(0, 100, 200), piece(0, 100, 200)),
      sideBySide(piece(1, 90, 210), piece(1, 90, 210)),
    );
    const layout = expectPlayable(stack, { w: 297, h: 420 }, 300);
    expect(layout.steps[0]?.line).toBe('level');
  });

  it('gives sizes in life where a cut takes something away', () => {
    // Two items of 50 with a kerf of 2 between them and one at the side, from a sheet of 104 x 40.
    const layout = layOutSheet(
      sideBySide(piece(0, 52, 42), piece(0, 52, 42)),
      { w: 106, h: 42 },
      { kerf: 2 },
    );
    expect(layout.items).toEqual([
      { x: 0, y: 0, w: 50, h: 40, item: 0, turned: false },
      { x: 52, y: 0, w: 50, h: 40, item: 0, turned: false },
    ]);
    expect(layout.steps).toMatchObject([{ line: 'upright', fence: 50 }]);
  });
});
