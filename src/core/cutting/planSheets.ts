import type { CoverSolver } from './coverSolver';
import type { CutSheets, PlanBudget } from './cutSheets';
import { countItems } from './cutTree';
import { PatternSearch, rounding } from './patternSearch';
import type { Limits } from './layOutSheet';
import { leastForOneKind } from './leastForOneKind';
import { packSheets } from './packSheets';
import { perfectSheets } from './perfectSheets';
import { leaveSurplus, simplifyPlan } from './simplifyPlan';
import {
  canBeFreed,
  cutGrid,
  TooManyRectanglesError,
  type CutGrid,
  type Lying,
  type SheetSize,
} from './unboundedValue';

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
  /** Of all sheets. */
  readonly cost: number;
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
 * the fence. Plans are yielded as they get better, the last returned. The first is a quick packing, within
 * some tens of milliseconds. Patterns come from column generation, which also proves how little is possible,
 * by quick fillings first; whole sheets come from a dive, which makes more patterns for what rounding down
 * leaves over. Only where that is not proven the least, patterns are searched for exactly, and sheets come
 * from the whole-number programme over the best of all patterns found.
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
  const packed = packSheets(
    sources.map((source) => ({ ...source, reach })),
    lyings,
    wanted,
    budget.seed,
  );
  if (outcome.offer(packed)) yield outcome.plan;
  if (budget.isOver()) return outcome.plan;
  const dearest = Math.max(...sources.map(({ cost }) => cost), rounding);
  const grids = gridsOf(sources, lyings, reach, outcome.plan.isLeast);
  if (!grids) return outcome.plan;
  const search = new PatternSearch(
    sources.flatMap((source, at) => {
      const grid = grids[at];
      const spared = (sparing * areaOf(source)) / areaOf(largestOf(sources));
      const cost = Math.max(source.cost / dearest, spared);
      return grid ? [{ grid, cost, limit: source.limit }] : [];
    }),
    pieces.length,
    solver,
    budget,
  );
  search.start(wanted);
  outcome.prove(provenForOneKind(search, wanted) * dearest);
  if (outcome.offer(search.fillAll(wanted, pieces.map(areaOf)))) yield outcome.plan;
  for (const effort of ['quick', 'exact'] as const) {
    const isEnough = (bound: number) => outcome.isLeastAt(bound * dearest);
    outcome.prove(search.generate(wanted, effort, undefined, isEnough) * dearest);
    yield outcome.plan;
    if (outcome.offer(search.dive(wanted))) yield outcome.plan;
    if (outcome.plan.isLeast || budget.isOver()) break;
    if (
      effort === 'quick' &&
      mayBeWithoutWaste(sources, pieces, wanted, outcome.plan.bound, reach)
    ) {
      const [only] = sources;
      // Half of the time there is: what it does not find is left to prices.
      const half = budget.secondsLeft() / 2;
      const isOver = () => budget.isOver() || budget.secondsLeft() < half;
      const full = only ? perfectSheets(only, lyings, wanted, budget.seed, isOver) : [];
      search.takeIn(full.map((tree) => ({ tree, source: 0, times: 1 })));
      if (full.length > 0 && outcome.offer(search.whole(wanted))) yield outcome.plan;
      if (outcome.offer(search.dive(wanted))) yield outcome.plan;
      if (outcome.plan.isLeast || budget.isOver()) break;
    }
    // Not before: prices that follow a packing of single sheets lead the search astray.
    if (effort === 'exact') outcome.replace(search.takeIn(outcome.sheets));
    if (effort === 'exact' && outcome.offer(search.whole(wanted))) yield outcome.plan;
    if (outcome.plan.isLeast || budget.isOver()) break;
  }
  outcome.replace(simplifyPlan(search, search.takeIn(outcome.sheets), wanted, useful));
  return outcome.plan;
}

/** From this share of the sheets on, so little may be wasted that a search for full sheets is worth its while. */
const hardlyAnyWaste = 0.97;

/** Whether as few sheets as are proven could only do with hardly any waste. */
function mayBeWithoutWaste(
  sources: readonly SheetSource[],
  pieces: readonly WantedPiece[],
  wanted: readonly number[],
  bound: number,
  reach: number,
): boolean {
  const [only, ...others] = sources;
  if (!only || others.length > 0 || only.limit !== undefined) return false;
  const area = pieces.reduce((sum, piece, at) => sum + areaOf(piece) * (wanted[at] ?? 0), 0);
  const isWithinReach = Math.max(only.w, only.h) <= reach;
  return isWithinReach && area >= hardlyAnyWaste * bound * areaOf(only);
}

/**
 * The places each source may be cut at; undefined where there are too many of them, and nothing is to be found any more.
 * @throws TooManyRectanglesError where something still is
 */
function gridsOf(
  sources: readonly SheetSource[],
  lyings: readonly Lying[],
  reach: number,
  isLeast: boolean,
): readonly CutGrid[] | undefined {
  try {
    return sources.map((source) => cutGrid(source, lyings, reach));
  } catch (error) {
    if (isLeast && error instanceof TooManyRectanglesError) return undefined;
    throw error;
  }
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
    this.#trimmed = undefined;
  }

  /** As the search has it, with what is made beyond what is wanted. */
  get sheets(): readonly CutSheets[] {
    return this.#sheets;
  }

  #trimmed: readonly CutSheets[] | undefined;

  /** Whether no plan could cost less, were this proven. */
  isLeastAt(cost: number): boolean {
    return (
      sumOf(this.#short) === 0 &&
      this.#costOf(this.#sheets) <= this.#reachable(cost) + rounding * this.#dearest
    );
  }

  prove(cost: number): void {
    this.#leastCost = Math.max(this.#leastCost, cost);
  }

  get plan(): SheetPlan {
    const count = this.#sheets.reduce(
      (sum, { source, times }) => sum + ((this.sources[source]?.cost ?? 0) > 0 ? times : 0),
      0,
    );
    const dearest = this.#dearest;
    const least = this.#leastCost - this.#spared * dearest;
    const bound = dearest > 0 ? Math.max(0, Math.ceil(least / dearest - rounding)) : 0;
    return {
      // Whoever ends the search now cuts nothing that nobody asked for.
      sheets: (this.#trimmed ??= leaveSurplus(this.#sheets, this.wanted)),
      count,
      cost: this.#costOf(this.#sheets),
      bound: Math.min(bound, count),
      isLeast: this.impossible.length === 0 && this.isLeastAt(this.#leastCost),
      impossible: this.impossible,
      short: this.#short,
    };
  }

  get #dearest(): number {
    return Math.max(...this.sources.map(({ cost }) => cost), 0);
  }

  /** The least at or above a proven cost that sheets can come to together. */
  #reachable(cost: number): number {
    const costs = [
      ...new Set(this.sources.map((source) => source.cost).filter((each) => each > 0)),
    ];
    return leastReach(cost - this.#spared * this.#dearest, costs);
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
