import type { CoverSolver } from './coverSolver';
import {
  countItems,
  PatternSearch,
  rounding,
  type CutSheets,
  type PlanBudget,
} from './patternSearch';
import type { Limits } from './layOutSheet';
import { leastForOneKind } from './leastForOneKind';
import { simplifyPlan } from './simplifyPlan';
import { canBeFreed, cutGrid, type Lying, type SheetSize } from './unboundedValue';

export interface WantedPiece {
  readonly w: number;
  readonly h: number;
  readonly copies: number;
  readonly mayTurn: boolean;
}

/** Sheets of one size that pieces may be cut from. */
export interface SheetSource extends SheetSize {
  /** What a sheet of it costs, by any measure, the same for all; 0 for what is left over already. */
  readonly cost: number;
  /** How many there are; undefined where there is no limit. */
  readonly limit: number | undefined;
}

export interface SheetPlan {
  readonly sheets: readonly CutSheets[];
  /** Sheets that cost something. */
  readonly count: number;
  /** Fewer of them than this are impossible. */
  readonly bound: number;
  /** No plan costs less. */
  readonly isLeast: boolean;
  /** Pieces no source gives in one piece, by number; the plan is for the others. */
  readonly impossible: readonly number[];
  /** By piece, how many the sheets there are do not suffice for. */
  readonly short: readonly number[];
}

/** How much what is left over already is spared, against the dearest sheet, where either would do. */
const sparing = 1e-4;

/**
 * At the least cost, each sheet cut edge to edge, pieces wanted in copies; then by the fewest settings of
 * the fence. Plans are yielded as they get better, the first at once, the last returned. Patterns come
 * from column generation, which also proves how little is possible; whole sheets from the whole-number
 * programme over all patterns found, after a dive has made more of them for what rounding down leaves
 * over. Only where that is not proven the least, the limits are kept in an exact search for patterns.
 * @throws TooManyRectanglesError
 */
export function* planSheets(
  sources: readonly SheetSource[],
  pieces: readonly WantedPiece[],
  solver: CoverSolver,
  budget: PlanBudget,
  { reach = Infinity, useful = 0 }: Partial<Pick<Limits, 'reach' | 'useful'>> = {},
): Generator<SheetPlan, SheetPlan> {
  const isPossible = ({ w, h, mayTurn }: WantedPiece) =>
    sources.some(
      (source) =>
        canBeFreed(source, { w, h }, reach) ||
        (mayTurn && canBeFreed(source, { w: h, h: w }, reach)),
    );
  const impossible = pieces.flatMap((piece, index) => (isPossible(piece) ? [] : [index]));
  const wanted = pieces.map((piece) => (isPossible(piece) ? piece.copies : 0));
  const outcome = new Outcome(sources, pieces, wanted, impossible);
  if (wanted.every((count) => count === 0)) return outcome.plan;

  const lyings = lyingsOf(pieces, wanted);
  const dearest = Math.max(...sources.map(({ cost }) => cost), rounding);
  const search = new PatternSearch(
    sources.map((source) => ({
      grid: cutGrid(source, lyings, reach),
      cost: Math.max(
        source.cost / dearest,
        (sparing * areaOf(source)) / areaOf(largestOf(sources)),
      ),
      limit: source.limit,
    })),
    pieces.length,
    solver,
    budget,
  );
  search.start(wanted);
  outcome.prove(provenForOneKind(search, wanted) * dearest);
  if (outcome.offer(search.fillAll(wanted, pieces.map(areaOf)))) yield outcome.plan;
  for (const effort of ['unlimited', 'exact'] as const) {
    outcome.prove(search.generate(wanted, effort) * dearest);
    yield outcome.plan;
    if (outcome.offer(search.dive(wanted))) yield outcome.plan;
    if (!outcome.plan.isLeast && outcome.offer(search.whole(wanted))) yield outcome.plan;
    if (outcome.plan.isLeast || budget.isOver()) break;
  }
  outcome.replace(simplifyPlan(search, outcome.plan.sheets, wanted, useful));
  return outcome.plan;
}

/** Runs a search to its end. */
export function lastOf<Last>(search: Generator<unknown, Last>): Last {
  for (let step = search.next(); ; step = search.next()) if (step.done) return step.value;
}

const areaOf = ({ w, h }: SheetSize) => w * h;
const largestOf = (sources: readonly SheetSource[]) =>
  sources.reduce((largest, source) => (areaOf(source) > areaOf(largest) ? source : largest));

/** What one kind of piece costs at least; nothing is proven so of several. */
function provenForOneKind(search: PatternSearch, wanted: readonly number[]): number {
  const kinds = wanted.flatMap((count, piece) => (count > 0 ? [{ count, piece }] : []));
  const [only] = kinds;
  if (!only || kinds.length > 1) return 0;
  const sources = search.sources.map(({ cost, limit }, source) => ({
    gives: search.mostAlone(source, only.piece),
    cost,
    limit,
  }));
  const least = leastForOneKind(sources, only.count);
  return Number.isFinite(least) ? least : 0;
}

function lyingsOf(pieces: readonly WantedPiece[], wanted: readonly number[]): readonly Lying[] {
  return pieces.flatMap(({ w, h, mayTurn }, item): Lying[] => {
    const plain = { item, w, h, copies: wanted[item] ?? 0, turned: false };
    return mayTurn && w !== h ? [plain, { ...plain, w: h, h: w, turned: true }] : [plain];
  });
}

/** The best plan so far, and what is proven of it. */
class Outcome {
  #sheets: readonly CutSheets[] = [];
  #short: readonly number[];
  #leastCost = 0;

  constructor(
    readonly sources: readonly SheetSource[],
    readonly pieces: readonly WantedPiece[],
    readonly wanted: readonly number[],
    readonly impossible: readonly number[],
  ) {
    this.#short = wanted;
    this.#leastCost = areaCost(sources, pieces, wanted);
  }

  /** Takes a plan in where it is better: less goes without, then it costs less. */
  offer(sheets: readonly CutSheets[] | undefined): boolean {
    if (!sheets) return false;
    const short = this.#shortOf(sheets);
    const [now, then] = [sumOf(short), sumOf(this.#short)];
    if (now > then || (now === then && this.#costOf(sheets) >= this.#costOf(this.#sheets)))
      return false;
    this.replace(sheets);
    return true;
  }

  /** Takes in a plan that is as good in what was aimed at so far. */
  replace(sheets: readonly CutSheets[]): void {
    this.#sheets = sheets;
    this.#short = this.#shortOf(sheets);
  }

  prove(cost: number): void {
    this.#leastCost = Math.max(this.#leastCost, cost);
  }

  get plan(): SheetPlan {
    const count = this.#sheets.reduce(
      (sum, { source, times }) => sum + ((this.sources[source]?.cost ?? 0) > 0 ? times : 0),
      0,
    );
    const costs = [...new Set(this.sources.map(({ cost }) => cost).filter((cost) => cost > 0))];
    const dearest = Math.max(...costs, 0);
    const least = this.#leastCost - this.#spared * dearest;
    const bound = dearest > 0 ? Math.max(0, Math.ceil(least / dearest - rounding)) : 0;
    const isAll = sumOf(this.#short) === 0;
    return {
      sheets: this.#sheets,
      count,
      bound: Math.min(bound, count),
      isLeast: isAll && this.#costOf(this.#sheets) <= leastReach(least, costs) + rounding * dearest,
      impossible: this.impossible,
      short: this.#short,
    };
  }

  /** What sparing adds at most to the cost of a plan in which all that is left over is used. */
  get #spared(): number {
    const largest = areaOf(largestOf(this.sources));
    return this.sources.reduce(
      (sum, source) =>
        sum + (source.cost > 0 ? 0 : (sparing * areaOf(source) * (source.limit ?? 0)) / largest),
      0,
    );
  }

  #costOf(sheets: readonly CutSheets[]): number {
    return sheets.reduce(
      (sum, { source, times }) => sum + (this.sources[source]?.cost ?? 0) * times,
      0,
    );
  }

  #shortOf(sheets: readonly CutSheets[]): readonly number[] {
    const made = this.wanted.map(() => 0);
    for (const { tree, times } of sheets)
      for (const [piece, count] of countItems(tree, made.length).entries())
        made[piece] = (made[piece] ?? 0) + count * times;
    return this.wanted.map((count, piece) => Math.max(0, count - (made[piece] ?? 0)));
  }
}

const sumOf = (counts: readonly number[]) => counts.reduce((sum, count) => sum + count, 0);

/** What is wanted takes at least its area, of the sheets that give most of it for their cost. */
function areaCost(
  sources: readonly SheetSource[],
  pieces: readonly WantedPiece[],
  wanted: readonly number[],
): number {
  const all = pieces.reduce((sum, piece, at) => sum + areaOf(piece) * (wanted[at] ?? 0), 0);
  const free = sources.reduce(
    (sum, source) => sum + (source.limit === undefined ? 0 : areaOf(source) * source.limit),
    0,
  );
  const rates = sources.flatMap((source) =>
    source.limit === undefined ? [source.cost / areaOf(source)] : [],
  );
  return rates.length > 0 ? Math.max(0, all - free) * Math.min(...rates) : 0;
}

/** The least that sheets of these costs can come to together, at or above `least`. */
function leastReach(least: number, costs: readonly number[]): number {
  const [cost, ...others] = costs;
  if (cost === undefined) return least > rounding ? Infinity : 0;
  const most = Math.ceil(least / cost - rounding);
  if (others.length === 0) return Math.max(0, most) * cost;
  // With three sizes and more, a plan counts as the least where it costs what is proven.
  if (others.length > 1) return least;
  let reach = Infinity;
  for (let count = 0; count <= Math.max(0, most); count++)
    reach = Math.min(reach, count * cost + leastReach(least - count * cost, others));
  return reach;
}
