import type { CoverSolver } from './coverSolver';
import type { CutJob, JobPiece, StockJob } from './cutJob';
import { turnScore } from './cutJob';
import type { CutLayout, CutPlan, StockCuts } from './cutPlan';
import { layOutSheet, type SheetRect } from './layOutSheet';
import type { PlanBudget } from './cutSheets';
import { planPieces } from './planPieces';
import type { SheetPlan } from './planSheets';
import { canBeFreed } from './unboundedValue';

/** What a search spends unless it is told otherwise; from trial. */
export const usualBudget = {
  mostPatterns: 6000,
  mostBuilt: 3000,
  mostNodes: 120,
  seed: 1,
  secondsLeft: () => Infinity,
};

/**
 * Plans how every stock of a batch is cut. Plans are yielded as they get better, those of stocks not
 * reached yet left out; the last is returned. The same job and budget give the same plan.
 */
export function* planCuts(
  job: CutJob,
  solver: CoverSolver,
  budget: PlanBudget,
): Generator<CutPlan, CutPlan> {
  const done: StockCuts[] = [];
  const planOf = (stocks: readonly StockCuts[]): CutPlan => ({
    copies: job.copies,
    stocks,
    unknown: job.unknown,
    pending: job.stocks.slice(stocks.length).map(({ stock }) => stock.name),
  });
  for (const stock of job.stocks) {
    const search = planStock(stock, job, solver, budget);
    let step = search.next();
    for (; !step.done; step = search.next()) yield planOf([...done, step.value]);
    done.push(step.value);
    yield planOf(done);
  }
  return planOf(done);
}

function* planStock(
  stock: StockJob,
  job: CutJob,
  solver: CoverSolver,
  budget: PlanBudget,
): Generator<StockCuts, StockCuts> {
  const { kerf, useful } = job;
  const reach = (job.reach ?? Infinity) + kerf;
  const sources = stock.sources.map(({ w, h, cost, limit }) => ({
    w: w + kerf,
    h: h + kerf,
    cost,
    limit,
  }));
  const pieces = stock.pieces.map(({ w, h, mayTurn, for: uses }) => ({
    w: w + kerf,
    h: h + kerf,
    mayTurn,
    copies: uses.reduce((sum, { copies }) => sum + copies, 0),
  }));
  const cutsOf = (plan: SheetPlan): StockCuts => ({
    stock: { id: stock.stock.id, version: stock.stock.version },
    name: stock.stock.name,
    colour: stock.stock.colour,
    layouts: layoutsOf(plan, stock, job),
    count: plan.count,
    bound: plan.bound,
    isLeast: plan.isLeast,
    isCutShort: budget.isOver(),
    impossible: plan.impossible.flatMap((piece) => {
      const given = stock.pieces[piece];
      const isOnlyTooLong = given && stock.sources.some((source) => fits(source, given, Infinity));
      const why = isOnlyTooLong ? ('trimmer' as const) : ('size' as const);
      return (given?.for ?? []).map(({ letter, name }) => ({ letter, name, why }));
    }),
    short: shortOf(plan.short, stock.pieces),
    isAcrossGrain: stock.isAcrossGrain,
  });
  const search = planPieces(sources, pieces, solver, budget, { reach, useful });
  let step = search.next();
  for (; !step.done; step = search.next()) yield cutsOf(step.value);
  return cutsOf(step.value);
}

function fits(source: { w: number; h: number }, { w, h, mayTurn }: JobPiece, reach: number) {
  return (
    canBeFreed(source, { w, h }, reach) || (mayTurn && canBeFreed(source, { w: h, h: w }, reach))
  );
}

/** The layouts of a plan in life size, the fullest of new sheets first, with the letters dealt out. */
function layoutsOf(plan: SheetPlan, stock: StockJob, job: CutJob): readonly CutLayout[] {
  const letters = new LetterDeck(stock.pieces);
  const { kerf, useful } = job;
  const reach = (job.reach ?? Infinity) + kerf;
  const order = { sheet: 0, leftover: 1, recovered: 2 } as const;
  return plan.sheets
    .flatMap(({ tree, source: at, times }) => {
      const source = stock.sources[at];
      return source ? [{ tree, times, source }] : [];
    })
    .sort((a, b) => order[a.source.kind] - order[b.source.kind] || b.times - a.times)
    .map(({ tree, times, source }): CutLayout => {
      const { kind, sheet, leftoverId, from, w, h } = source;
      const laid = layOutSheet(tree, { w: w + kerf, h: h + kerf }, { kerf, reach, useful });
      const pieces = laid.items.map(({ item, turned, ...rect }) => ({
        x: rect.x,
        y: rect.y,
        w: rect.w,
        h: rect.h,
        letters: letters.deal(item, times),
        turned,
        scores: (stock.pieces[item]?.scores ?? [])
          .map((score) => (turned ? turnScore(score) : score))
          .map(({ axis, at: place }) => ({
            line: axis === 'vertical' ? ('upright' as const) : ('level' as const),
            at: place,
          })),
      }));
      return {
        source: { kind, sheet, leftoverId, from, w, h },
        times,
        pieces,
        steps: laid.steps.map(({ line, fence, parts }) => ({
          line,
          fence,
          parts: parts.map(({ part, lines }) => ({
            part: rectOf(part),
            letters: lettersIn(part, pieces),
            lines,
          })),
        })),
        leftovers: laid.rests.map((rest) => ({
          ...rectOf(rest),
          isUseful: Math.min(rest.w, rest.h) >= useful,
        })),
      };
    });
}

const rectOf = ({ x, y, w, h }: SheetRect) => ({ x, y, w, h });

function lettersIn(
  part: SheetRect,
  pieces: readonly (SheetRect & { readonly letters: readonly string[] })[],
): readonly string[] {
  const inside = pieces.filter(
    ({ x, y, w, h }) =>
      x >= part.x && y >= part.y && x + w <= part.x + part.w && y + h <= part.y + part.h,
  );
  return [...new Set(inside.flatMap(({ letters }) => letters))].sort();
}

/** Deals out pieces of one size to what they are cut for, in the order of the letters. */
class LetterDeck {
  readonly #left: { readonly letter: string; count: number }[][];

  constructor(pieces: readonly JobPiece[]) {
    this.#left = pieces.map((piece) =>
      piece.for.map(({ letter, copies }) => ({ letter, count: copies })),
    );
  }

  /** The letters that one place on a sheet serves over so many sheets; spare ones go to the last. */
  deal(item: number, times: number): readonly string[] {
    const hands = this.#left[item] ?? [];
    const dealt: string[] = [];
    let open = times;
    for (const hand of hands) {
      const count = Math.min(open, hand.count);
      if (count === 0) continue;
      hand.count -= count;
      open -= count;
      dealt.push(hand.letter);
    }
    return dealt.length > 0 ? dealt : hands.slice(-1).map(({ letter }) => letter);
  }
}

function shortOf(short: readonly number[], pieces: readonly JobPiece[]): StockCuts['short'] {
  return pieces.flatMap((piece, at) => {
    let missing = short[at] ?? 0;
    // The last letters go without first, as they are dealt to last.
    return piece.for
      .toReversed()
      .flatMap(({ letter, copies }) => {
        const count = Math.min(missing, copies);
        missing -= count;
        return count > 0 ? [{ letter, count }] : [];
      })
      .reverse();
  });
}
