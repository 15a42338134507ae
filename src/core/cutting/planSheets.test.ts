import { describe, expect, it } from 'vitest';
import batches from '../../../test/reference/cutting/batches.json';
import gcut1Bins from '../../../test/reference/cutting/gcut1-bins.json';
import { loadHighs } from '../../../test/support/highs';
import { isCutEdgeToEdge } from '../../../test/support/verifyCuts';
import { highsCoverSolver } from './coverSolver';
import { placeItems } from './cutTree';
import { planSheets, type SheetPlan, type WantedPiece } from './planSheets';

const solver = highsCoverSolver(await loadHighs());
const budget = {
  mostPatterns: 600,
  mostBuilt: 3000,
  mostNodes: 1000,
  seed: 1,
  isOver: () => false,
};
type Sheet = { readonly w: number; readonly h: number };

/** All pieces there, none overlapping, every cut edge to edge, turned only where they may be. */
function expectPlan(sheet: Sheet, pieces: readonly WantedPiece[], plan: SheetPlan) {
  const made = pieces.map(() => 0);
  for (const { tree, times } of plan.sheets) {
    const placed = placeItems(tree);
    expect(isCutEdgeToEdge(sheet, placed)).toBe(true);
    for (const { item, w, h, turned } of placed) {
      const piece = pieces[item];
      expect(turned && piece?.mayTurn === false).toBe(false);
      expect(turned ? [h, w] : [w, h]).toEqual([piece?.w, piece?.h]);
      made[item] = (made[item] ?? 0) + times;
    }
  }
  for (const [piece, { copies }] of pieces.entries())
    expect(made[piece]).toBeGreaterThanOrEqual(plan.impossible.includes(piece) ? 0 : copies);
  expect(plan.sheets.reduce((sum, { times }) => sum + times, 0)).toBe(plan.count);
}

describe('batches with proven counts', () => {
  // test/reference/cutting/batches.json: bounds from column generation with exact pricing, made there.
  it.each(batches.cases)(
    '$id takes as few sheets as are possible, and proves it',
    { timeout: 120_000 },
    ({ sheet, pieces, lowerBound, upperBound }) => {
      const plan = planSheets(sheet, pieces, solver, budget);
      expectPlan(sheet, pieces, plan);
      expect([plan.count, plan.bound]).toEqual([upperBound, lowerBound]);
    },
  );

  // Beasley (1985), gcut1 packed into bins; the count is the published one.
  it('gcut1 goes into as many bins as published', () => {
    const { sheet, items, optimum } = gcut1Bins;
    const pieces = items.map((item) => ({ ...item, mayTurn: false }));
    const plan = planSheets(sheet, pieces, solver, budget);
    expectPlan(sheet, pieces, plan);
    expect(plan.count).toBe(optimum);
  });
});

describe('pieces of the five-layer A2 from a letter sheet', () => {
  // Common practice, in sixteenths of an inch: base, patterned, mats, top, inside mat and liner each alone.
  it.each([
    ['base', 136, 88, 2],
    ['patterned', 86, 66, 4],
    ['first mat', 76, 56, 5],
    ['second mat', 72, 52, 5],
    ['top panel', 70, 50, 5],
    ['inside mat', 82, 62, 4],
    ['liner', 79, 59, 4],
  ])('%s: %i x %i, %i to the sheet', (_, w, h, toTheSheet) => {
    const piece = { w, h, copies: 12 * toTheSheet, mayTurn: true };
    const plan = planSheets({ w: 136, h: 176 }, [piece], solver, budget);
    expect(plan.count).toBe(12);
    const more = planSheets(
      { w: 136, h: 176 },
      [{ ...piece, copies: piece.copies + 1 }],
      solver,
      budget,
    );
    expect(more.count).toBe(13);
  });
});

describe('a plan', () => {
  const sheet = { w: 136, h: 176 };

  it('names the pieces no sheet gives, and plans the others', () => {
    const pieces = [
      { w: 140, h: 160, copies: 3, mayTurn: true },
      { w: 140, h: 40, copies: 2, mayTurn: false },
      { w: 140, h: 40, copies: 4, mayTurn: true },
    ];
    const plan = planSheets(sheet, pieces, solver, budget);
    expectPlan(sheet, pieces, plan);
    expect(plan.impossible).toEqual([0, 1]);
    expect(plan.count).toBe(2);
    const none = planSheets(sheet, pieces.slice(0, 2), solver, budget);
    expect(none).toEqual({ sheets: [], count: 0, bound: 0, impossible: [0, 1] });
  });

  it('is the same for the same seed', () => {
    const [first] = batches.cases;
    if (!first) throw new Error('no cases');
    const plan = () => planSheets(first.sheet, first.pieces, solver, budget);
    expect(plan()).toEqual(plan());
  });

  it('is whole, if not the best, where the search is ended at once', () => {
    const [, , mixed] = batches.cases;
    if (!mixed) throw new Error('no cases');
    const plan = planSheets(mixed.sheet, mixed.pieces, solver, { ...budget, isOver: () => true });
    expectPlan(mixed.sheet, mixed.pieces, plan);
    expect(plan.bound).toBeLessThanOrEqual(mixed.lowerBound);
  });
});
