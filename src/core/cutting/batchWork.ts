import type { CutAlready, CutJob } from './cutJob';
import type { CutLayout, StockCuts } from './cutPlan';
import { hashText } from '../text/hashText';
import type { CutBatch, WantedRow } from './cutBatch';

/** Every piece a job wants, in the order of its stocks. */
export function wantedRows({ stocks }: CutJob): readonly WantedRow[] {
  return stocks.flatMap(({ stock, pieces }) =>
    pieces.flatMap(({ w, h, for: uses }) =>
      uses.map(({ id, letter, name, copies }) => ({
        id,
        letter,
        name,
        stock: stock.name,
        w,
        h,
        copies,
      })),
    ),
  );
}

/**
 * The hash of what a plan is made from: pieces, sheets chosen, kerf and reach. What is owned and left over
 * is left out, since cutting itself changes it.
 */
export function hashJob({ stocks, kerf, reach }: CutJob): string {
  const input = stocks.map(({ stock, pieces, chosen }) => [
    stock.id,
    pieces.map(({ w, h, mayTurn, for: uses }) => [
      w,
      h,
      mayTurn,
      uses.map(({ id, copies }) => [id, copies]),
    ]),
    chosen,
  ]);
  return hashText(JSON.stringify([input, kerf, reach ?? null]));
}

/** The mark of one step of one layout, both counted from 0. A whole sheet that needs no cut has step 0. */
export function stepKey(stock: string, layout: number, step: number): string {
  return `${stock}/${layout}/${step}`;
}

/** The marks of a layout, in the order they are made. */
export function stepKeysOf(stock: string, layout: number, { steps }: CutLayout): readonly string[] {
  return Array.from({ length: Math.max(1, steps.length) }, (_, step) =>
    stepKey(stock, layout, step),
  );
}

/** The pieces of the layouts that are cut from end to end. A sheet half cut counts as not cut. */
export function piecesCut(batch: CutBatch): readonly CutAlready[] {
  return doneStocks(batch).flatMap(({ stock, layouts }) =>
    layouts.flatMap(({ layout }) =>
      layout.pieces.map(({ w, h }) => ({ stock: stock.id, w, h, count: layout.times })),
    ),
  );
}

/** How a piece differs from what the accepted plan was made for. */
export type BatchChange =
  | { readonly kind: 'added'; readonly now: WantedRow }
  | { readonly kind: 'removed'; readonly before: WantedRow }
  | { readonly kind: 'changed'; readonly before: WantedRow; readonly now: WantedRow }
  /** The pieces are the same; what they are cut from or with is not. */
  | { readonly kind: 'means' };

/** What has changed since a plan was accepted, piece by piece; empty where it still fits. */
export function compareBatch(batch: CutBatch, job: CutJob): readonly BatchChange[] {
  const now = wantedRows(job);
  const isAlike = (a: WantedRow, b: WantedRow) =>
    a.stock === b.stock && a.w === b.w && a.h === b.h && a.copies === b.copies;
  const changes = [
    ...batch.wanted.flatMap((before): BatchChange[] => {
      const same = now.find(({ id }) => id === before.id);
      if (!same) return [{ kind: 'removed', before }];
      return isAlike(before, same) ? [] : [{ kind: 'changed', before, now: same }];
    }),
    ...now
      .filter(({ id }) => !batch.wanted.some((before) => before.id === id))
      .map((row): BatchChange => ({ kind: 'added', now: row })),
  ];
  const isSame = changes.length > 0 || hashJob(job) === batch.hash;
  return isSame ? changes : [{ kind: 'means' }];
}

/** What of a stock is cut from end to end. */
export interface DoneStock {
  readonly stock: StockCuts['stock'];
  readonly cuts: StockCuts;
  readonly layouts: readonly { readonly layout: CutLayout; readonly at: number }[];
}

/** The stocks of which some layouts are done, with those. */
export function doneStocks({ plan, doneSteps }: CutBatch): readonly DoneStock[] {
  const done = new Set(doneSteps);
  return plan.stocks.flatMap((cuts) => {
    const layouts = cuts.layouts
      .map((layout, at) => ({ layout, at }))
      .filter(({ layout, at }) =>
        stepKeysOf(cuts.stock.id, at, layout).every((key) => done.has(key)),
      );
    return layouts.length > 0 ? [{ stock: cuts.stock, cuts, layouts }] : [];
  });
}
