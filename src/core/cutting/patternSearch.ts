import { bestOnGrid } from './bestValue';
import {
  dearness,
  type CoverProblem,
  type CoverSolver,
  type Pattern,
  type RelaxedCover,
} from './coverSolver';
import { countItems, type CutTree } from './cutTree';
import type { CutSheets, PlanBudget, PricedGrid } from './cutSheets';
import { fillSheet } from './fillSheet';
import { CoverRelaxation } from './relaxCover';
import { rowsOf } from './rowsOf';
import { seeded } from '../seeded';
import { unboundedValues, type UnboundedValues } from './unboundedValue';

/** How far rounding in the linear programme may mislead; prices are of the order of one sheet. */
export const rounding = 1e-6;
/** Quick fillings tried for one set of prices: more where the fewer found nothing; from trial. */
const fillings = [40, 200, 1000];
/**
 * What one search for whole sheets may take: what it does not find by then it seldom finds at all. Only on a machine so
 * slow that its branches take longer does a plan depend on the clock.
 */
const wholeSeconds = 2;
/** Rounds of quick fillings between two looks at what is proven; from trial. */
const proveEvery = 8;
/** Patterns taken in at once; from trial. */
const atOnce = 8;
/** Patterns the programme in whole sheets chooses from; from trial. */
const mostInProgramme = 250;

/**
 * The patterns found so far, and how more are found: patterns are made one by one where they would save
 * cost by the prices of the linear programme, until none would.
 * The order of calls: `start` first, since the programme has no plan before every piece has a pattern; then `fillAll`
 * and `takeIn`, in any order or not at all, for more to begin with; then `generate`, and only after it `dive`, `relaxed`
 * and `whole`, which choose among the patterns found. Each may be called again and only ever adds patterns.
 *
 * Pieces, patterns and sources are numbered from 0, and lists by those numbers may be short: what a list does not name
 * counts nothing, hence `?? 0` where one is read.
 * Source: Gilmore and Gomory, Multistage cutting stock problems, Operations Research 13 (1965).
 */
export class PatternSearch {
  readonly #trees: CutTree[] = [];
  readonly #patterns: Pattern[] = [];
  readonly #known = new Set<string>();
  /** By source, the values last worked out: good enough a guide for quick fillings by other prices. */
  readonly #guides: (UnboundedValues | undefined)[] = [];
  readonly #random: () => number;

  constructor(
    readonly sources: readonly PricedGrid[],
    readonly pieceCount: number,
    readonly solver: CoverSolver,
    readonly budget: PlanBudget,
  ) {
    this.#random = seeded(budget.seed);
  }

  get patterns(): readonly Pattern[] {
    return this.#patterns;
  }

  treeOf(pattern: number): CutTree | undefined {
    return this.#trees[pattern];
  }

  /** The programme over the patterns found; more of a piece than is wanted saves nothing. */
  problem(
    wanted: readonly number[],
    limits: CoverProblem['limits'] = this.sources.map(({ limit }) => limit),
  ): CoverProblem {
    const patterns = this.#patterns.map(({ source, counts }) => ({
      source,
      counts: counts.map((count, piece) => Math.min(count, wanted[piece] ?? 0)),
    }));
    return { patterns, wanted, costs: this.sources.map(({ cost }) => cost), limits };
  }

  /** A pattern for each piece alone on each source, so that there is a plan from the start. */
  start(wanted: readonly number[]): void {
    for (const [source, { grid }] of this.sources.entries())
      for (const [piece, count] of wanted.entries()) {
        const alone = wanted.map((_, each) => (each === piece ? 1 : 0));
        const limits = wanted.map((_, each) => (each === piece ? count : 0));
        if (count <= 0 || !grid.lyings.some(({ item }) => item === piece)) continue;
        const tree = fillSheet(grid, rowsOf(grid, piece), alone, limits, () => 1);
        if (tree) this.#add(source, tree);
      }
  }

  /** The most pieces of one kind that a sheet of a source gives; exact, as if there were no limit. */
  mostAlone(source: number, piece: number): number {
    const { grid } = this.#source(source);
    const alone = Array.from({ length: this.pieceCount }, (_, each) => (each === piece ? 1 : 0));
    return unboundedValues(grid, alone).valueOf(grid.sheet.w, grid.sheet.h);
  }

  /** Fills sheet after sheet with what is still wanted, largest first: a plan at once, seldom the best. */
  fillAll(wanted: readonly number[], areas: readonly number[]): readonly CutSheets[] | undefined {
    const values = this.sources.map(({ grid }) => unboundedValues(grid, areas));
    const left = [...wanted];
    const remaining = this.sources.map(({ limit }) => limit ?? Infinity);
    const sheets: CutSheets[] = [];
    const order = this.sources.map((_, at) => at).sort((a, b) => this.#costOf(a) - this.#costOf(b));
    while (left.some((count) => count > 0)) {
      const source = order.find((at) => (remaining[at] ?? 0) > 0 && this.#fitsOn(at, left));
      const grid = this.sources[source ?? -1]?.grid;
      const unbounded = values[source ?? -1];
      if (source === undefined || !grid || !unbounded) return undefined;
      const tree = fillSheet(grid, unbounded, areas, left, () => 1);
      if (!tree) return undefined;
      this.#add(source, tree);
      const counts = countItems(tree, this.pieceCount);
      const times = Math.min(
        remaining[source] ?? 0,
        ...counts.map((count, piece) =>
          count > 0 ? Math.floor((left[piece] ?? 0) / count) : Infinity,
        ),
      );
      remaining[source] = (remaining[source] ?? 0) - times;
      for (const [piece, count] of counts.entries())
        left[piece] = (left[piece] ?? 0) - count * times;
      sheets.push({ tree, source, times });
    }
    return sheets;
  }

  /** Takes patterns in that were found elsewhere, sheets cut alike together. */
  takeIn(sheets: readonly CutSheets[]): readonly CutSheets[] {
    const byKey = new Map<string, CutSheets>();
    for (const { tree, source, times } of sheets) {
      const key = keyOf(source, countItems(tree, this.pieceCount));
      const before = byKey.get(key);
      byKey.set(key, before ? { ...before, times: before.times + times } : { tree, source, times });
      if (!before) this.#add(source, tree);
    }
    return [...byKey.values()];
  }

  /**
   * Adds patterns until none would save cost, or no more than is proven already: with one source in whole sheets, a part
   * of a sheet saved saves nothing.
   * @param effort how far the search goes where quick fillings find nothing: no further, or on to the best as if pieces
   *   could be had without limit, and to an exact search within the limits.
   * @param isEnough whether a plan is known that costs no more than this
   * @returns the least cost possible, as far as is proven.
   */
  generate(
    wanted: readonly number[],
    effort: 'quick' | 'exact',
    limits?: CoverProblem['limits'],
    isEnough: (bound: number) => boolean = () => false,
  ): number {
    let bound = 0;
    const relaxation = this.#relaxation(this.problem(wanted, limits));
    let known = this.#patterns.length;
    for (let round = 1; !this.#isSpent(); round++) {
      for (; known < this.#patterns.length; known++) {
        const pattern = this.#patterns[known];
        if (pattern) relaxation.add(pattern);
      }
      const { prices, uses } = relaxation.solve(this.budget.isOver);
      const added = this.sources.filter((_, source) =>
        this.#addAll(source, this.#fillings(source, prices, wanted, fillings[0] ?? 1)),
      );
      if (effort === 'quick' && added.length === 0) break;
      if (effort === 'quick' || (added.length > 0 && round % proveEvery > 0)) continue;
      const priced = this.sources.map((_, source) =>
        this.#price(source, prices, wanted, added.length === 0),
      );
      bound = Math.max(bound, this.#provenCost(priced, prices, wanted));
      if (isEnough(bound) || this.#isRounded(bound, uses)) break;
      const more = priced.filter(({ trees }, source) => this.#addAll(source, trees));
      if (more.length + added.length === 0) break;
    }
    return bound;
  }

  #isSpent(): boolean {
    return this.#patterns.length >= this.budget.mostPatterns || this.budget.isOver();
  }

  /** Whether the relaxed plan comes to as many whole sheets as are proven to be needed. */
  #isRounded(bound: number, uses: readonly number[]): boolean {
    const [only, ...others] = this.sources;
    if (!only || others.length > 0 || only.limit !== undefined) return false;
    const sheets = uses.reduce((sum, use) => sum + use, 0);
    return Math.ceil(sheets - rounding) <= Math.ceil(bound / only.cost - rounding);
  }

  /** Rounds the relaxed plan down, then looks for patterns for the rest, until nothing is left. */
  dive(wanted: readonly number[]): readonly CutSheets[] | undefined {
    const sheets: CutSheets[] = [];
    const remaining = this.sources.map(({ limit }) => limit);
    let left = wanted;
    while (left.some((count) => count > 0) && !this.budget.isOver()) {
      const problem = this.problem(left, remaining);
      const { uses } = this.#relaxation(problem).solve(this.budget.isOver);
      const isWhole = uses.some((use) => use >= 1 - rounding);
      const largest = uses.indexOf(Math.max(...uses));
      const cut = uses.map((use, at) =>
        isWhole ? Math.floor(use + rounding) : at === largest && use > 0 ? 1 : 0,
      );
      if (cut.every((times) => times === 0)) return undefined;
      for (const [at, times] of cut.entries()) {
        const tree = this.#trees[at];
        const source = this.#patterns[at]?.source ?? 0;
        if (times === 0 || !tree) continue;
        sheets.push({ tree, source, times });
        const limit = remaining[source];
        if (limit !== undefined) remaining[source] = Math.max(0, limit - times);
      }
      left = left.map((count, piece) => Math.max(0, count - held(this.#patterns, cut, piece)));
      if (left.some((count) => count > 0)) this.generate(left, 'quick', remaining);
    }
    return left.every((count) => count <= 0) ? sheets : undefined;
  }

  /** What sheets and pieces cost where sheets may be cut in parts, over all patterns found. */
  relaxed(wanted: readonly number[]): RelaxedCover {
    return this.#relaxation(this.problem(wanted)).solve(this.budget.isOver);
  }

  /** The best plan in whole sheets over the patterns found that are nearest to saving anything. */
  whole(wanted: readonly number[]): readonly CutSheets[] | undefined {
    const { mostNodes, secondsLeft } = this.budget;
    const problem = this.problem(wanted);
    const { uses: parts, prices } = this.#relaxation(problem).solve(this.budget.isOver);
    const lossOf = ({ source, counts }: Pattern) =>
      counts.reduce((left, count, at) => left - count * (prices[at] ?? 0), this.#costOf(source));
    const chosen = problem.patterns
      .map((pattern, at) => ({
        pattern,
        at,
        loss: lossOf(pattern) - ((parts[at] ?? 0) > 0 ? 1 : 0),
      }))
      .sort((a, b) => a.loss - b.loss || a.at - b.at)
      .slice(0, mostInProgramme);
    const uses = this.solver.whole(
      { ...problem, patterns: chosen.map(({ pattern }) => pattern) },
      { mostNodes, seconds: Math.min(wholeSeconds, secondsLeft()) },
    );
    if (!uses) return undefined;
    const all = problem.patterns.map(() => 0);
    for (const [index, { at }] of chosen.entries()) all[at] = uses[index] ?? 0;
    return this.sheetsOf(all);
  }

  #relaxation({ patterns, wanted, costs, limits }: CoverProblem): CoverRelaxation {
    const relaxation = new CoverRelaxation(wanted, costs, limits, dearness * Math.max(...costs, 1));
    for (const pattern of patterns) relaxation.add(pattern);
    return relaxation;
  }

  sheetsOf(uses: readonly number[]): readonly CutSheets[] {
    return uses.flatMap((times, at) => {
      const tree = this.#trees[at];
      const source = this.#patterns[at]?.source ?? 0;
      return times > 0 && tree ? [{ tree, source, times }] : [];
    });
  }

  /**
   * Patterns of a source worth more than it costs by these prices, and the most any is worth. The best as
   * if pieces could be had without limit, and quick fillings within the limits; only where none of them
   * is worth it, an exact search within the limits.
   */
  #price(
    source: number,
    prices: readonly number[],
    wanted: readonly number[],
    isProving: boolean,
  ): { readonly trees: readonly CutTree[]; readonly most: number } {
    const { grid } = this.#source(source);
    const cost = this.#costOf(source);
    const unbounded = unboundedValues(grid, prices);
    this.#guides[source] = unbounded;
    const most = unbounded.valueOf(grid.sheet.w, grid.sheet.h);
    if (most <= cost + rounding) return { trees: [], most };
    const whole = unbounded.treeOf(grid.sheet.w, grid.sheet.h);
    const worthwhile = whole ? this.#worthwhile(source, [whole], prices, wanted) : [];
    for (const fills of isProving ? fillings : fillings.slice(0, 2)) {
      worthwhile.push(...this.#fillings(source, prices, wanted, fills));
      if (worthwhile.length > 0) return { trees: worthwhile, most };
    }
    if (!isProving) return { trees: [], most };
    const found = bestOnGrid(grid, prices, wanted, this.budget);
    const isWorth = found.tree !== undefined && found.value > cost + rounding;
    return { trees: isWorth && found.tree ? [found.tree] : [], most: found.bound };
  }

  /** Quick fillings worth more than the source costs, by the values last worked out for it. */
  #fillings(
    source: number,
    prices: readonly number[],
    wanted: readonly number[],
    fills: number,
  ): CutTree[] {
    const { grid } = this.#source(source);
    const guide = (this.#guides[source] ??= unboundedValues(grid, prices));
    const tried = Array.from({ length: fills }, (_, fill) => {
      if (fill % 20 === 19 && this.budget.isOver()) return undefined;
      // The first as priced, the last with prices of anything from nothing to twice as much.
      const spread = (2 * fill) / fills;
      const moved = prices.map((price) => price * (1 + spread * (this.#random() - 0.5)));
      return fillSheet(grid, guide, moved, wanted, this.#random);
    });
    return this.#worthwhile(source, tried, prices, wanted);
  }

  /** Takes patterns in; false where all of them are known. */
  #addAll(source: number, trees: readonly CutTree[]): boolean {
    return trees.filter((tree) => this.#add(source, tree)).length > 0;
  }

  /**
   * What any plan costs at least by these prices: they are lowered until no unlimited sheet is worth more
   * than it costs, and what limited ones are still worth beyond their cost is taken off as often as there
   * are such sheets. Source: weak duality; for one source Farley, Operations Research 38 (1990).
   */
  #provenCost(
    priced: readonly { readonly most: number }[],
    prices: readonly number[],
    wanted: readonly number[],
  ): number {
    const worth = prices.reduce((sum, price, piece) => sum + price * (wanted[piece] ?? 0), 0);
    const scale = Math.min(
      1,
      ...this.sources.map(({ cost, limit }, source) =>
        limit === undefined ? cost / Math.max(cost, priced[source]?.most ?? 0) : 1,
      ),
    );
    const gains = this.sources.map(({ cost, limit }, source) =>
      limit === undefined ? 0 : limit * Math.max(0, scale * (priced[source]?.most ?? 0) - cost),
    );
    return scale * worth - gains.reduce((sum, gain) => sum + gain, 0);
  }

  /** The new patterns of these worth more than a sheet, the most first, not too many at once. */
  #worthwhile(
    source: number,
    trees: readonly (CutTree | undefined)[],
    prices: readonly number[],
    wanted: readonly number[],
  ): CutTree[] {
    const cost = this.#costOf(source);
    return trees
      .flatMap((tree) => {
        if (!tree) return [];
        const counts = countItems(tree, this.pieceCount);
        const worth = counts.reduce(
          (sum, count, piece) => sum + Math.min(count, wanted[piece] ?? 0) * (prices[piece] ?? 0),
          0,
        );
        return worth > cost + rounding && !this.#known.has(keyOf(source, counts))
          ? [{ tree, worth }]
          : [];
      })
      .sort((a, b) => b.worth - a.worth)
      .slice(0, atOnce)
      .map(({ tree }) => tree);
  }

  /** Takes a pattern in; false where one of the same counts is known. */
  #add(source: number, tree: CutTree): boolean {
    const counts = countItems(tree, this.pieceCount);
    const key = keyOf(source, counts);
    if (this.#known.has(key)) return false;
    this.#known.add(key);
    this.#trees.push(tree);
    this.#patterns.push({ source, counts });
    return true;
  }

  #fitsOn(source: number, left: readonly number[]): boolean {
    return this.#source(source).grid.lyings.some(({ item }) => (left[item] ?? 0) > 0);
  }

  #source(source: number): PricedGrid {
    const found = this.sources[source];
    if (!found) throw new RangeError(`PatternSearch: expected a source, got number ${source}`);
    return found;
  }

  #costOf(source: number): number {
    return this.#source(source).cost;
  }
}

const keyOf = (source: number, counts: readonly number[]) => `${source}:${counts.join(' ')}`;

/** How many of a piece so many sheets of each pattern hold. */
function held(patterns: readonly Pattern[], uses: readonly number[], piece: number): number {
  return uses.reduce((sum, times, at) => sum + times * (patterns[at]?.counts[piece] ?? 0), 0);
}
