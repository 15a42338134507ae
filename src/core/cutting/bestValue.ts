import { oneAbove, placeItems, sideBySide, type CutTree } from './cutTree';
import {
  cutGrid,
  unboundedValues,
  type CutGrid,
  type Lying,
  type SheetSize,
  type UnboundedValues,
} from './unboundedValue';

export interface ValueItem {
  readonly w: number;
  readonly h: number;
  readonly value: number;
  /** How many there are; undefined where there is no limit. */
  readonly copies: number | undefined;
}

export interface BestValue {
  readonly value: number;
  /** No way of cutting is worth more. */
  readonly bound: number;
  readonly isProven: boolean;
  readonly tree: CutTree | undefined;
}

export interface ValueBudget {
  /** Rectangles built before the search gives up proving; the answer stays the same for the same. */
  readonly mostBuilt: number;
  /** Asked now and then; true ends the search at once. */
  readonly isOver: () => boolean;
}

/**
 * The items worth most that one sheet can be cut into edge to edge, each at most so often as there are
 * copies. Where items may be had without limit, or the limit does not bind, dynamic programming is exact.
 * Else rectangles are built from the bottom up, the most promising first: two that were built are put
 * side by side or one above the other. A rectangle promises its own value and the most that could be
 * cut from the rest of the sheet; once the best promise is what a rectangle is worth, nothing is better.
 * Source: Viswanathan and Bagchi, Best-first search methods for constrained two-dimensional cutting
 * stock problems, Operations Research 41 (1993).
 * @throws TooManyRectanglesError
 */
export function bestValue(
  sheet: SheetSize,
  items: readonly ValueItem[],
  mayTurn: boolean,
  budget: ValueBudget,
): BestValue {
  const limits = items.map(({ w, h, copies }) => Math.min(copies ?? Infinity, mostOf(sheet, w, h)));
  const lyings = items.flatMap(({ w, h }, item): Lying[] => {
    const plain = { item, w, h, copies: limits[item] ?? 0, turned: false };
    return mayTurn && w !== h ? [plain, { ...plain, w: h, h: w, turned: true }] : [plain];
  });
  const values = items.map(({ value }) => value);
  return bestOnGrid(cutGrid(sheet, lyings), values, limits, budget);
}

/** The same on a grid laid out before, by the values and the limits of its items. */
export function bestOnGrid(
  grid: CutGrid,
  values: readonly number[],
  limits: readonly number[],
  budget: ValueBudget,
): BestValue {
  const { w, h } = grid.sheet;
  const unbounded = unboundedValues(grid, values);
  const value = unbounded.valueOf(w, h);
  const tree = unbounded.treeOf(w, h);
  if (keepsLimits(tree, limits)) return { value, bound: value, isProven: true, tree };
  return searchBuilt(grid, unbounded, values, limits, budget);
}

function mostOf(sheet: SheetSize, w: number, h: number): number {
  return Math.floor((sheet.w * sheet.h) / (w * h));
}

function keepsLimits(tree: CutTree | undefined, limits: readonly number[]): boolean {
  const used = new Map<number, number>();
  for (const { item } of placeItems(tree)) used.set(item, (used.get(item) ?? 0) + 1);
  return [...used].every(([item, count]) => count <= (limits[item] ?? 0));
}

/** A rectangle built so far. */
interface Built {
  readonly tree: CutTree;
  readonly value: number;
  /** Its value and the most the rest of the sheet could add. */
  readonly promise: number;
  readonly counts: readonly number[];
}

function searchBuilt(
  grid: CutGrid,
  unbounded: UnboundedValues,
  values: readonly number[],
  limits: readonly number[],
  { mostBuilt, isOver }: ValueBudget,
): BestValue {
  const { sheet, lyings, reach } = grid;
  const outside = outsideValues(grid, unbounded);
  const open = new PromiseQueue();
  const closed: Built[] = [];
  const seen = new Map<string, number>();
  let best: Built | undefined;
  let built = 0;

  const offer = (tree: CutTree, value: number, counts: readonly number[]) => {
    if (tree.w > sheet.w || tree.h > sheet.h) return;
    const promise = value + outside(tree.w, tree.h);
    if (promise <= (best?.value ?? -1)) return;
    const key = `${tree.w} ${tree.h} ${counts.join(' ')}`;
    if ((seen.get(key) ?? -1) >= value) return;
    seen.set(key, value);
    const rectangle = { tree, value, promise, counts };
    if (value > (best?.value ?? -1)) best = rectangle;
    open.push(rectangle);
    built++;
  };
  for (const { item, turned, w, h } of lyings.filter((each) => (values[each.item] ?? 0) > 0))
    offer(
      { kind: 'item', item, turned, w, h },
      values[item] ?? 0,
      limits.map((_, index) => (index === item ? 1 : 0)),
    );

  let popped = 0;
  for (let next = open.pop(); next; next = open.pop()) {
    const bound = Math.max(next.promise, best?.value ?? 0);
    if (next.promise <= (best?.value ?? 0)) break;
    if (built > mostBuilt || (++popped % 16 === 0 && isOver()))
      return { value: best?.value ?? 0, bound, isProven: false, tree: best?.tree };
    closed.push(next);
    for (const other of closed) {
      const counts = next.counts.map((count, item) => count + (other.counts[item] ?? 0));
      if (counts.some((count, item) => count > (limits[item] ?? 0))) continue;
      const value = next.value + other.value;
      const beside = sideBySide(next.tree, other.tree);
      if (beside.h <= reach) offer(beside, value, counts);
      const above = oneAbove(next.tree, other.tree);
      if (above.w <= reach) offer(above, value, counts);
    }
  }
  const value = best?.value ?? 0;
  return { value, bound: value, isProven: true, tree: best?.tree };
}

/**
 * The most that can be cut from what a rectangle in the corner leaves of the sheet, by its size, as if
 * there were no limits. What is left is used up by strips to its right or below it, one after another.
 */
function outsideValues(
  { widths, heights, widthRests, heightRests, columnAt, rowAt }: CutGrid,
  { values }: UnboundedValues,
): (w: number, h: number) => number {
  const [columns, rows] = [widths.length, heights.length];
  const outside = new Float64Array(columns * rows);
  for (let row = rows - 1; row >= 0; row--)
    for (let column = columns - 1; column >= 0; column--) {
      let most = 0;
      for (let wider = column + 1; wider < columns; wider++) {
        const strip = row * columns + (widthRests[wider * columns + column] ?? 0);
        most = Math.max(most, (outside[row * columns + wider] ?? 0) + (values[strip] ?? 0));
      }
      for (let higher = row + 1; higher < rows; higher++) {
        const strip = (heightRests[higher * rows + row] ?? 0) * columns + column;
        most = Math.max(most, (outside[higher * columns + column] ?? 0) + (values[strip] ?? 0));
      }
      outside[row * columns + column] = most;
    }
  // A rectangle between two patterns leaves no more than the smaller one does.
  return (w, h) => outside[rowAt(h) * columns + columnAt(w)] ?? 0;
}

/** A heap of rectangles, the largest promise first; of equal ones the more valuable, then the earlier. */
class PromiseQueue {
  readonly #heap: { readonly built: Built; readonly order: number }[] = [];
  #order = 0;

  push(built: Built): void {
    const heap = this.#heap;
    heap.push({ built, order: this.#order++ });
    for (let at = heap.length - 1; at > 0;) {
      const parent = (at - 1) >> 1;
      if (!this.#isBefore(at, parent)) break;
      this.#swap(at, parent);
      at = parent;
    }
  }

  pop(): Built | undefined {
    const heap = this.#heap;
    const top = heap[0]?.built;
    const last = heap.pop();
    if (!last || heap.length === 0) return top;
    heap[0] = last;
    for (let at = 0; ;) {
      const [left, right] = [2 * at + 1, 2 * at + 2];
      let first = at;
      if (left < heap.length && this.#isBefore(left, first)) first = left;
      if (right < heap.length && this.#isBefore(right, first)) first = right;
      if (first === at) return top;
      this.#swap(at, first);
      at = first;
    }
  }

  #isBefore(a: number, b: number): boolean {
    const [one, two] = [this.#heap[a], this.#heap[b]];
    if (!one || !two) return false;
    if (one.built.promise !== two.built.promise) return one.built.promise > two.built.promise;
    if (one.built.value !== two.built.value) return one.built.value > two.built.value;
    return one.order < two.order;
  }

  #swap(a: number, b: number): void {
    const [one, two] = [this.#heap[a], this.#heap[b]];
    if (!one || !two) return;
    this.#heap[a] = two;
    this.#heap[b] = one;
  }
}
