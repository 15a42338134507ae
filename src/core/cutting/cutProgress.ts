import { doneStocks, hashJob, stepKeysOf, wantedRows, type DoneStock } from './batchWork';
import type { CutBatch } from './cutBatch';
import type { CutJob } from './cutJob';
import type { CutPlan, StockCuts } from './cutPlan';

/** Accepts a plan: the work on it begins. `at` is the moment, as an ISO date and time. */
export function startBatch(job: CutJob, plan: CutPlan, at: string): CutBatch {
  return {
    hash: hashJob(job),
    acceptedAt: at,
    wanted: wantedRows(job),
    plan,
    doneSteps: [],
    taken: null,
  };
}

/** Marks a step done, or not done after all. */
export function markStep(batch: CutBatch, key: string, isDone: boolean): CutBatch {
  const others = batch.doneSteps.filter((each) => each !== key);
  return { ...batch, doneSteps: isDone ? [...others, key] : others };
}

/** How many steps of the plan are done, of how many. */
export function workDone({ plan, doneSteps }: CutBatch): {
  readonly done: number;
  readonly all: number;
} {
  const steps = plan.stocks.flatMap(({ stock, layouts }) =>
    layouts.flatMap((layout, at) => stepKeysOf(stock.id, at, layout)),
  );
  const marked = new Set(doneSteps);
  return { done: steps.filter((key) => marked.has(key)).length, all: steps.length };
}

/**
 * Accepts a plan for what was still to cut when the card had changed: the sheets cut already stay before
 * it with their marks, and what was taken out of the stash stays taken. `job` is all the card wants now.
 */
export function resumeBatch(batch: CutBatch, job: CutJob, rest: CutPlan, at: string): CutBatch {
  const done = doneStocks(batch);
  const stocks = rest.stocks.map((next) => joinDone(done, next));
  const only = done.filter(({ stock }) => !rest.stocks.some((next) => next.stock.id === stock.id));
  const joined = [...stocks, ...only.map((each) => joinDone([each], emptied(each.cuts)))];
  return {
    ...startBatch(job, { ...rest, stocks: joined.map(({ cuts }) => cuts) }, at),
    doneSteps: joined.flatMap(({ doneSteps }) => doneSteps),
    taken: batch.taken,
  };
}

/** How many new sheets came out of the stash for a batch; undefined until that is done. */
export function sheetsTaken({ taken }: CutBatch): number | undefined {
  return taken?.reduce(
    (sum, { sheets }) => sum + sheets.reduce((own, { count }) => own + count, 0),
    0,
  );
}

/** The layouts done stand before those still to do, and the figures count both. */
function joinDone(
  done: readonly DoneStock[],
  next: StockCuts,
): { readonly cuts: StockCuts; readonly doneSteps: readonly string[] } {
  const layouts = done
    .filter(({ stock }) => stock.id === next.stock.id)
    .flatMap((each) => each.layouts.map(({ layout }) => layout));
  const count = layouts.reduce(
    (sum, { source, times }) => sum + (source.kind === 'sheet' ? times : 0),
    0,
  );
  return {
    cuts: {
      ...next,
      layouts: [...layouts, ...next.layouts],
      count: next.count + count,
      bound: next.bound + count,
    },
    doneSteps: layouts.flatMap((layout, at) => stepKeysOf(next.stock.id, at, layout)),
  };
}

function emptied(cuts: StockCuts): StockCuts {
  return { ...cuts, layouts: [], count: 0, bound: 0, isLeast: true, impossible: [], short: [] };
}
