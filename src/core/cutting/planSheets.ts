import { bestOnGrid } from './bestValue';
import type { CoverSolver, Pattern } from './coverSolver';
import { placeItems, type CutTree } from './cutTree';
import { fillSheet } from './fillSheet';
import { seeded } from './seeded';
import {
  cutGrid,
  unboundedValues,
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

/** One way of cutting a sheet, and how many sheets are cut so. */
export interface CutSheets {
  readonly tree: CutTree;
  readonly times: number;
}

export interface SheetPlan {
  readonly sheets: readonly CutSheets[];
  readonly count: number;
  /** Fewer sheets than this are impossible. */
  readonly bound: number;
  /** Pieces no sheet gives in one piece, by number; the plan is for the others. */
  readonly impossible: readonly number[];
}

/** What the search may spend; the same budget gives the same plan. */
export interface PlanBudget {
  /** Patterns looked for in all. */
  readonly mostPatterns: number;
  /** Rectangles built for one pattern where the copies wanted limit it. */
  readonly mostBuilt: number;
  /** Branches of the whole-number programme. */
  readonly mostNodes: number;
  /** For the order in which quick fillings are tried. */
  readonly seed: number;
  /** Asked now and then; true ends the search with the best plan so far. */
  readonly isOver: () => boolean;
}

/** How far rounding in the linear programme may mislead; prices are of the order of one sheet. */
const rounding = 1e-6;
/** Quick fillings tried for one set of prices: more where the fewer found nothing; from trial. */
const fillings = [40, 200, 1000, 3000];
/** Patterns taken in at once; from trial. */
const atOnce = 8;

/**
 * As few sheets as possible, each cut edge to edge, for pieces wanted in copies: patterns are made one
 * by one where they would save sheets by the prices of the linear programme, until none would; that
 * proves how few sheets are possible. Whole sheets come from the whole-number programme over all
 * patterns found, after a dive has made more of them for what rounding down leaves over.
 * Source: Gilmore and Gomory, Multistage cutting stock problems, Operations Research 13 (1965); the
 * bound while patterns are still to be found: Farley, OR 38 (1990).
 * @throws TooManyRectanglesError
 */
export function planSheets(
  sheet: SheetSize,
  pieces: readonly WantedPiece[],
  solver: CoverSolver,
  budget: PlanBudget,
): SheetPlan {
  const fits = (w: number, h: number) => w <= sheet.w && h <= sheet.h;
  const isPossible = ({ w, h, mayTurn }: WantedPiece) => fits(w, h) || (mayTurn && fits(h, w));
  const impossible = pieces.flatMap((piece, index) => (isPossible(piece) ? [] : [index]));
  const wanted = pieces.map((piece) => (isPossible(piece) ? piece.copies : 0));
  if (wanted.every((count) => count === 0)) return { sheets: [], count: 0, bound: 0, impossible };
  const search = new PatternSearch(
    cutGrid(sheet, lyingsOf(pieces, wanted)),
    pieces.length,
    solver,
    budget,
  );
  search.start(wanted);
  const bound = Math.max(areaBound(sheet, pieces, wanted), search.generate(wanted, true));
  search.dive(wanted);
  const sheets = search.whole(wanted);
  const count = sheets.reduce((sum, { times }) => sum + times, 0);
  return { sheets, count, bound: Math.min(bound, count), impossible };
}

/** What is wanted takes at least its area. */
function areaBound(
  sheet: SheetSize,
  pieces: readonly WantedPiece[],
  wanted: readonly number[],
): number {
  const area = pieces.reduce((sum, { w, h }, piece) => sum + w * h * (wanted[piece] ?? 0), 0);
  return Math.ceil(area / (sheet.w * sheet.h));
}

function lyingsOf(pieces: readonly WantedPiece[], wanted: readonly number[]): readonly Lying[] {
  return pieces.flatMap(({ w, h, mayTurn }, item): Lying[] => {
    const plain = { item, w, h, copies: wanted[item] ?? 0, turned: false };
    return mayTurn && w !== h ? [plain, { ...plain, w: h, h: w, turned: true }] : [plain];
  });
}

/** The patterns found so far, and how more are found. */
class PatternSearch {
  readonly #trees: CutTree[] = [];
  readonly #patterns: Pattern[] = [];
  readonly #known = new Set<string>();
  readonly #random: () => number;
  /** The best whole plan met on the way, for when the programme finds none. */
  #spare: readonly CutSheets[] | undefined;

  constructor(
    readonly grid: CutGrid,
    readonly pieceCount: number,
    readonly solver: CoverSolver,
    readonly budget: PlanBudget,
  ) {
    this.#random = seeded(budget.seed);
  }

  /** A pattern for each piece alone, so that there is a plan from the start. */
  start(wanted: readonly number[]): void {
    const { w, h } = this.grid.sheet;
    for (const [piece, count] of wanted.entries()) {
      const alone = wanted.map((_, each) => (each === piece ? 1 : 0));
      const tree = count > 0 ? unboundedValues(this.grid, alone).treeOf(w, h) : undefined;
      if (tree) this.#add(tree);
    }
  }

  /**
   * Adds patterns until none would save a sheet.
   * @param isProving whether the limits are kept in an exact search at the end, which takes longer.
   * @returns the fewest sheets possible, as far as is proven.
   */
  generate(wanted: readonly number[], isProving: boolean): number {
    let bound = 0;
    while (this.#patterns.length < this.budget.mostPatterns && !this.budget.isOver()) {
      const { prices } = this.solver.relax(capped(this.#patterns, wanted), wanted);
      const worth = prices.reduce((sum, price, piece) => sum + price * (wanted[piece] ?? 0), 0);
      const { trees, most } = this.#price(prices, wanted, isProving);
      bound = Math.max(bound, worth / Math.max(1, most));
      const added = trees.filter((tree) => this.#add(tree));
      if (most <= 1 + rounding || added.length === 0) break;
    }
    return Math.ceil(bound - rounding * Math.max(1, bound));
  }

  /**
   * Patterns worth more than a sheet by these prices, and the most any is worth. The best as if pieces
   * could be had without limit, and quick fillings within the limits; only where none of them is worth
   * it, an exact search within the limits.
   */
  #price(
    prices: readonly number[],
    limits: readonly number[],
    isProving: boolean,
  ): { readonly trees: readonly CutTree[]; readonly most: number } {
    const { w, h } = this.grid.sheet;
    const unbounded = unboundedValues(this.grid, prices);
    const most = unbounded.valueOf(w, h);
    if (most <= 1 + rounding) return { trees: [], most };
    const whole = unbounded.treeOf(w, h);
    const worthwhile = whole ? this.#worthwhile([whole], prices, limits) : [];
    for (const fills of isProving ? fillings : fillings.slice(0, 2)) {
      const tried = Array.from({ length: fills }, (_, fill) => {
        // The first as priced, the last with prices of anything from nothing to twice as much.
        const spread = (2 * fill) / fills;
        const moved = prices.map((price) => price * (1 + spread * (this.#random() - 0.5)));
        return fillSheet(this.grid, unbounded, moved, limits, this.#random);
      });
      worthwhile.push(...this.#worthwhile(tried, prices, limits));
      if (worthwhile.length > 0) return { trees: worthwhile, most };
    }
    if (!isProving) return { trees: [], most };
    const found = bestOnGrid(this.grid, prices, limits, this.budget);
    const isWorth = found.tree !== undefined && found.value > 1 + rounding;
    return { trees: isWorth && found.tree ? [found.tree] : [], most: found.bound };
  }

  /** Rounds the relaxed plan down, then looks for patterns for the rest, until nothing is left. */
  dive(wanted: readonly number[]): void {
    const sheets: CutSheets[] = [];
    let left = wanted;
    while (left.some((count) => count > 0) && !this.budget.isOver()) {
      const { uses } = this.solver.relax(capped(this.#patterns, left), left);
      const isWhole = uses.some((use) => use >= 1 - rounding);
      const largest = uses.indexOf(Math.max(...uses));
      const cut = uses.map((use, at) =>
        isWhole ? Math.floor(use + rounding) : at === largest ? 1 : 0,
      );
      for (const [at, times] of cut.entries()) {
        const tree = this.#trees[at];
        if (times > 0 && tree) sheets.push({ tree, times });
      }
      left = left.map((count, piece) => Math.max(0, count - held(this.#patterns, cut, piece)));
      if (left.some((count) => count > 0)) this.generate(left, false);
    }
    if (left.every((count) => count <= 0)) this.#spare = sheets;
  }

  /** The best plan in whole sheets over all patterns found. */
  whole(wanted: readonly number[]): readonly CutSheets[] {
    const uses = this.solver.whole(capped(this.#patterns, wanted), wanted, this.budget.mostNodes);
    const found = uses?.flatMap((times, at) => {
      const tree = this.#trees[at];
      return times > 0 && tree ? [{ tree, times }] : [];
    });
    const plans = [found, this.#spare].filter((plan) => plan !== undefined);
    return plans.sort((a, b) => countOf(a) - countOf(b))[0] ?? this.#oneByOne(wanted);
  }

  /** Where all else was ended: each piece by its own pattern. */
  #oneByOne(wanted: readonly number[]): readonly CutSheets[] {
    return wanted.flatMap((count, piece) => {
      const at = this.#patterns.findIndex((pattern) => (pattern[piece] ?? 0) > 0);
      const tree = this.#trees[at];
      return count > 0 && tree
        ? [{ tree, times: Math.ceil(count / (this.#patterns[at]?.[piece] ?? 1)) }]
        : [];
    });
  }

  /** The new patterns of these worth more than a sheet, the most first, not too many at once. */
  #worthwhile(
    trees: readonly (CutTree | undefined)[],
    prices: readonly number[],
    limits: readonly number[],
  ): CutTree[] {
    return trees
      .flatMap((tree) => {
        if (!tree) return [];
        const counts = countItems(tree, this.pieceCount);
        const worth = worthOf(counts, prices, limits);
        return worth > 1 + rounding && !this.#known.has(counts.join(' ')) ? [{ tree, worth }] : [];
      })
      .sort((a, b) => b.worth - a.worth)
      .slice(0, atOnce)
      .map(({ tree }) => tree);
  }

  /** Takes a pattern in; false where one of the same counts is known. */
  #add(tree: CutTree): boolean {
    const counts = countItems(tree, this.pieceCount);
    const key = counts.join(' ');
    if (this.#known.has(key)) return false;
    this.#known.add(key);
    this.#trees.push(tree);
    this.#patterns.push(counts);
    return true;
  }
}

function countItems(tree: CutTree, pieces: number): readonly number[] {
  const counts = Array<number>(pieces).fill(0);
  for (const { item } of placeItems(tree)) counts[item] = (counts[item] ?? 0) + 1;
  return counts;
}

function worthOf(
  counts: readonly number[],
  prices: readonly number[],
  limits: readonly number[],
): number {
  return counts.reduce(
    (sum, count, piece) => sum + Math.min(count, limits[piece] ?? 0) * (prices[piece] ?? 0),
    0,
  );
}

/** More of a piece than is wanted saves nothing. */
function capped(patterns: readonly Pattern[], wanted: readonly number[]): readonly Pattern[] {
  return patterns.map((pattern) =>
    pattern.map((count, piece) => Math.min(count, wanted[piece] ?? 0)),
  );
}

const countOf = (sheets: readonly CutSheets[]) => sheets.reduce((sum, { times }) => sum + times, 0);

/** How many of a piece so many sheets of each pattern hold. */
function held(patterns: readonly Pattern[], uses: readonly number[], piece: number): number {
  return uses.reduce((sum, times, at) => sum + times * (patterns[at]?.[piece] ?? 0), 0);
}
