import { describe, expect, it } from 'vitest';
import batches from '../../../test/reference/cutting/batches.json';
import gcut1Bins from '../../../test/reference/cutting/gcut1-bins.json';
import { loadHighs } from '../../../test/support/highs';
import { isCutEdgeToEdge } from '../../../test/support/verifyCuts';
import { highsCoverSolver } from './coverSolver';
import { placeItems } from './cutTree';
import { lastOf, planSheets, type SheetPlan, type WantedPiece } from './planSheets';

const solver = highsCoverSolver(await loadHighs());
const budget = {
  mostPatterns: 6000,
  mostBuilt: 3000,
  mostNodes: 1000,
  seed: 1,
  isOver: () => false,
  secondsLeft: () => Infinity,
};
const planOf = (sheet: Sheet, pieces: readonly WantedPiece[], spent = budget) =>
  lastOf(planSheets([{ ...sheet, cost: 1, limit: undefined }], pieces, solver, spent));
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
      const plan = planOf(sheet, pieces);
      expectPlan(sheet, pieces, plan);
      expect([plan.count, plan.bound]).toEqual([upperBound, lowerBound]);
    },
  );

  // Beasley (1985), gcut1 packed into bins; the count is the published one.
  it('gcut1 goes into as many bins as published', () => {
    const { sheet, items, optimum } = gcut1Bins;
    const pieces = items.map((item) => ({ ...item, mayTurn: false }));
    const plan = planOf(sheet, pieces);
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
    const plan = planOf({ w: 136, h: 176 }, [piece]);
    expect(plan.count).toBe(12);
    const more = planOf({ w: 136, h: 176 }, [{ ...piece, copies: piece.copies + 1 }]);
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
    const plan = planOf(sheet, pieces);
    expectPlan(sheet, pieces, plan);
    expect(plan.impossible).toEqual([0, 1]);
    expect(plan.count).toBe(2);
    const none = planOf(sheet, pieces.slice(0, 2));
    expect(none).toMatchObject({ sheets: [], count: 0, bound: 0, impossible: [0, 1] });
  });

  it('is the same for the same seed', () => {
    const [first] = batches.cases;
    if (!first) throw new Error('no cases');
    // So few that no step of it comes near the seconds it may take, however slow the machine.
    const plan = () => planOf(first.sheet, first.pieces.slice(0, 4));
    expect(plan()).toEqual(plan());
  });

  it('is whole, if not the best, where the search is ended at once', () => {
    const [, , mixed] = batches.cases;
    if (!mixed) throw new Error('no cases');
    const plan = planOf(mixed.sheet, mixed.pieces, { ...budget, isOver: () => true });
    expectPlan(mixed.sheet, mixed.pieces, plan);
    expect(plan.bound).toBeLessThanOrEqual(mixed.lowerBound);
  });
});

describe('several sources', () => {
  const letter = { w: 136, h: 176, cost: 1, limit: undefined };
  const leftover = { w: 136, h: 88, cost: 0, limit: 1 };
  const planFrom = (
    sources: Parameters<typeof planSheets>[0],
    pieces: readonly WantedPiece[],
    reach = Infinity,
  ) => lastOf(planSheets(sources, pieces, solver, budget, { reach }));

  it('uses what is left over before a new sheet is cut', () => {
    const base = { w: 136, h: 88, copies: 3, mayTurn: true };
    const plan = planFrom([letter, leftover], [base]);
    expect([plan.count, plan.bound, plan.isLeast]).toEqual([1, 1, true]);
    expect(plan.sheets.filter(({ source }) => source === 1)).toHaveLength(1);
    expect(planFrom([letter, leftover], [{ ...base, copies: 1 }]).count).toBe(0);
  });

  it('takes the sheet that costs least for the work, and mixes sizes where that is less', () => {
    // In sixteenths: 144 square inches of a 12 x 12 against 93.5 of a letter sheet.
    const square = { w: 192, h: 192, cost: 144, limit: undefined };
    const priced = { ...letter, cost: 93.5 };
    const big = { w: 190, h: 100, copies: 1, mayTurn: true };
    const small = { w: 136, h: 88, copies: 4, mayTurn: true };
    const plan = planFrom([priced, square], [big, small]);
    const used = [0, 1].map((source) =>
      plan.sheets.reduce((sum, each) => sum + (each.source === source ? each.times : 0), 0),
    );
    // The wide panel needs a 12 x 12, whose rest gives one base; the other three take two letter sheets.
    expect(used).toEqual([2, 1]);
  });

  it('says how many pieces go without where sheets are counted and too few', () => {
    const counted = { ...letter, limit: 2 };
    const plan = planFrom([counted], [{ w: 136, h: 88, copies: 7, mayTurn: true }]);
    expect([plan.count, plan.short, plan.isLeast]).toEqual([2, [3], false]);
  });

  it('cuts nothing along a side the trimmer does not span', () => {
    // An A3 in millimetres under a trimmer of 300: its long side is cut across first.
    const a3 = { w: 297, h: 420, cost: 1, limit: undefined };
    const strip = { w: 100, h: 400, copies: 2, mayTurn: false };
    expect(planFrom([a3], [strip]).count).toBe(1);
    expect(planFrom([a3], [strip], 300).impossible).toEqual([0]);
    const panels = { w: 140, h: 100, copies: 8, mayTurn: true };
    const plan = planFrom([a3], [panels], 300);
    expect(plan.count).toBe(1);
    const square = { w: 304.8, h: 304.8, cost: 1, limit: undefined };
    expect(planFrom([square], [{ ...panels, copies: 1 }], 300).impossible).toEqual([0]);
  });
});
