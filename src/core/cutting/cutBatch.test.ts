import { describe, expect, it } from 'vitest';
import { loadHighs } from '../../../test/support/highs';
import { fiveLayers, library, measure, pieceOn, planOf, typed } from '../../../test/support/plans';
import { applyEdit } from '../plan/applyEdit';
import type { PieceId } from '../plan/ids';
import type { Plan } from '../plan/plan';
import { resolvePlan } from '../resolve/resolvePlan';
import { emptyHolding } from '../stash/holdings';
import { highsCoverSolver } from './coverSolver';
import { cutBatchSchema, storedBatchSchema, type CutBatch } from './cutBatch';
import { compareBatch, hashJob, piecesCut, stepKeysOf } from './batchWork';
import { resumeBatch, startBatch, markStep } from './cutProgress';
import { cutJob, type CutAlready } from './cutJob';
import type { CutPlan } from './cutPlan';
import { newSheets } from './countSheets';
import { planCuts, usualBudget } from './planCuts';
import { lastOf } from './planSheets';
import { changePiece } from '../plan/pieceEdits';

const solver = highsCoverSolver(await loadHighs());
const at = '2027-03-09T18:30:00.000Z';
const copies = (plan: Plan, count: number): Plan => ({
  ...plan,
  making: { ...plan.making, copies: count },
});
const jobOf = (plan: Plan, already: readonly CutAlready[] = []) =>
  cutJob(plan, resolvePlan(plan, library), [], already);
const cut = (plan: Plan, already: readonly CutAlready[] = []): CutPlan =>
  lastOf(planCuts(jobOf(plan, already), solver, { ...usualBudget, isOver: () => false }));
const begin = (plan: Plan) => startBatch(jobOf(plan), cut(plan), at);
/** Ticks every step of the first so many layouts of a stock. */
const cutLayouts = (batch: CutBatch, stock: number, count: number): CutBatch => {
  const own = batch.plan.stocks[stock];
  if (!own) throw new Error('cutLayouts: no such stock');
  const keys = own.layouts
    .slice(0, count)
    .flatMap((layout, index) => stepKeysOf(own.stock.id, index, layout));
  expect(keys.length).toBeGreaterThan(0);
  return keys.reduce((next, key) => markStep(next, key, true), batch);
};
const piecesOf = (plan: CutPlan) =>
  plan.stocks.reduce(
    (sum, { layouts }) =>
      sum + layouts.reduce((own, { pieces, times }) => own + pieces.length * times, 0),
    0,
  );

const twelve = copies(fiveLayers(), 12);
const renamed = applyEdit(
  twelve,
  changePiece(
    { id: 'mat-1' as PieceId, kind: 'panel' },
    { name: 'Other name', notes: 'and a note' },
  ),
);
const narrower = applyEdit(
  twelve,
  changePiece(
    { id: 'liner' as PieceId, kind: 'panel' },
    { size: { by: 'reveal', all: typed('1/4') } },
  ),
);
if (!renamed.ok || !narrower.ok) throw new Error('the edits do not apply');

describe('the hash of a job', () => {
  it('changes with what is cut, and with nothing else', () => {
    const hash = hashJob(jobOf(twelve));
    expect(hashJob(jobOf(renamed.plan))).toBe(hash);
    const others = [narrower.plan, copies(twelve, 13)];
    const sliding = { ...twelve, habits: { ...twelve.habits, kerf: typed('1/16') } };
    for (const other of [...others, sliding]) expect(hashJob(jobOf(other))).not.toBe(hash);
  });
});

describe('what the stash has', () => {
  it('changes no hash: taking out the last sheets is no change of the card', () => {
    const card = resolvePlan(twelve, library);
    const stock = jobOf(twelve).stocks[0]?.stock;
    if (!stock) throw new Error('no stock');
    const counts = [30, 0].map((count) => {
      const holding = {
        ...emptyHolding(stock.id),
        sheets: [{ sheet: 'a4' as const, count, price: null }],
      };
      return hashJob(cutJob(twelve, card, [holding]));
    });
    expect(counts[0]).toBe(counts[1]);
    const sheets = [{ stock: stock.id, sheets: ['a4' as const] }];
    const chosen = { ...twelve, making: { ...twelve.making, sheets } };
    expect(hashJob(jobOf(chosen))).not.toBe(counts[0]);
    expect(compareBatch(begin(twelve), jobOf(chosen))).toEqual([{ kind: 'means' }]);
  });
});

describe('the work on a plan', () => {
  it('is marked and unmarked, and is of the schema it is kept in', () => {
    const batch = begin(twelve);
    const one = markStep(markStep(batch, 'moss/0/0', true), 'moss/0/0', true);
    expect(one.doneSteps).toEqual(['moss/0/0']);
    expect(markStep(one, 'moss/0/0', false)).toEqual(batch);
    expect(cutBatchSchema.parse(one)).toEqual(one);
    const { doneSteps, ...rest } = one;
    expect(storedBatchSchema.parse({ ...rest, ticks: doneSteps })).toEqual(one);
  });

  it('counts a sheet only when its last cut is made', () => {
    const batch = begin(twelve);
    const own = batch.plan.stocks.findIndex(({ layouts }) =>
      layouts.some(({ steps }) => steps.length > 1),
    );
    const stock = batch.plan.stocks[own];
    const index = stock?.layouts.findIndex(({ steps }) => steps.length > 1) ?? 0;
    const layout = stock?.layouts[index];
    if (!stock || !layout) throw new Error('no layout of several steps');
    const [last = '', ...rest] = stepKeysOf(stock.stock.id, index, layout).toReversed();
    const begun = rest.reduce((next, key) => markStep(next, key, true), batch);
    expect(piecesCut(begun)).toEqual([]);
    const done = piecesCut(markStep(begun, last, true));
    expect(done).toHaveLength(layout.pieces.length);
    expect(done.every(({ count }) => count === layout.times)).toBe(true);
  });
});

describe('a card that changed after its plan was accepted', () => {
  it('is told piece by piece', () => {
    const batch = begin(twelve);
    expect(compareBatch(batch, jobOf(twelve))).toEqual([]);
    expect(compareBatch(batch, jobOf(narrower.plan))).toMatchObject([
      { kind: 'changed', before: { id: 'liner' }, now: { id: 'liner' } },
    ]);
    const extra = planOf([...fiveLayers().pieces, pieceOn('back', 'label', measure('2', '1'))]);
    expect(compareBatch(batch, jobOf(copies(extra, 12)))).toMatchObject([
      { kind: 'added', now: { id: 'label', copies: 12 } },
    ]);
    expect(compareBatch(begin(copies(extra, 12)), jobOf(twelve))).toMatchObject([
      { kind: 'removed', before: { id: 'label' } },
    ]);
  });

  it('keeps the work done: only the rest is planned, and all is there in the end', () => {
    const batch = cutLayouts(begin(twelve), 0, 1);
    const twenty = copies(fiveLayers(), 20);
    const already = piecesCut(batch);
    const rest = cut(twenty, already);
    const resumed = resumeBatch(batch, jobOf(twenty), rest, at);
    expect(compareBatch(resumed, jobOf(twenty))).toEqual([]);
    expect(piecesCut(resumed)).toEqual(already);
    const done = already.reduce((sum, { count }) => sum + count, 0);
    expect(piecesOf(resumed.plan)).toBe(20 * 7);
    expect(piecesOf(rest)).toBe(20 * 7 - done);
    expect(newSheets(resumed.plan)).toBeGreaterThan(newSheets(rest));
    expect(cutBatchSchema.parse(resumed)).toEqual(resumed);
  });

  it('lets one piece cut serve one piece wanted, where a blank and a panel have one size', () => {
    // The blank of an A2 and a panel as large are two kinds, since only one of them is scored.
    const both = planOf([pieceOn('inside', 'panel', measure('8 1/2', '5 1/2'))], {
      stock: { id: 'moss' as never, version: 1 },
    });
    const [w, h] = [typed('8 1/2').ticks, typed('5 1/2').ticks];
    const open = jobOf(copies(both, 2), [{ stock: 'moss', w: h, h: w, count: 3 }]);
    const copiesOf = open.stocks.flatMap(({ pieces }) =>
      pieces.flatMap((piece) => piece.for.map((use) => use.copies)),
    );
    expect(copiesOf).toEqual([1]);
  });

  it('keeps what was cut of a stock that is wanted no more', () => {
    const batch = cutLayouts(begin(twelve), 0, 1);
    const bare = planOf([], { stock: { id: 'row-paper' as never, version: 1 } });
    const rest = cut(bare, piecesCut(batch));
    const resumed = resumeBatch(batch, jobOf(bare), rest, at);
    expect(piecesCut(resumed)).toEqual(piecesCut(batch));
  });
});
