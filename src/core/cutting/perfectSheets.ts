import { countItems, oneAbove, sideBySide, type CutTree } from './cutTree';
import { seeded } from '../seeded';
import type { Lying, SheetSize } from './unboundedValue';

/** A rectangle without waste, built of pieces. */
interface Built {
  readonly tree: CutTree;
  readonly counts: ReadonlyMap<number, number>;
}

/** Rectangles built in one try, and tries; from trial, a second or two together. */
const mostBuilt = 20_000;
const tries = 12;

/**
 * Sheets that are filled to the last corner: pieces are joined where their sides are the same, what comes of it again,
 * until it is a whole sheet. Worth a search of its own only where hardly any waste is allowed at all, since a plan from
 * prices has no eye for it. Each sheet found takes its pieces out, and the rest is tried again.
 * @param lyings the ways pieces may lie @param wanted by piece
 * @returns every sheet found; those of one try together hold no more of a piece than is wanted
 */
export function perfectSheets(
  sheet: SheetSize,
  lyings: readonly Lying[],
  wanted: readonly number[],
  seed: number,
  isOver: () => boolean,
): readonly CutTree[] {
  const random = seeded(seed);
  const all: CutTree[] = [];
  for (let attempt = 0; attempt < tries && !isOver(); attempt++) {
    const left = [...wanted];
    for (;;) {
      const next = findPerfect(sheet, lyings, left, random, isOver);
      if (!next) break;
      all.push(next);
      for (const [piece, count] of countItems(next, left.length).entries())
        left[piece] = (left[piece] ?? 0) - count;
    }
  }
  return all;
}

/** One full sheet, the rarest sides first; undefined where none is found within what may be built. */
function findPerfect(
  sheet: SheetSize,
  lyings: readonly Lying[],
  left: readonly number[],
  random: () => number,
  isOver: () => boolean,
): CutTree | undefined {
  const byHeight = new Map<number, Built[]>();
  const byWidth = new Map<number, Built[]>();
  const seen = new Set<string>();
  const open: { readonly built: Built; readonly rank: number }[] = [];
  let full: CutTree | undefined;
  const offer = (tree: CutTree, counts: ReadonlyMap<number, number>): void => {
    if (tree.w > sheet.w || tree.h > sheet.h) return;
    const key = `${tree.w} ${tree.h} ${[...counts].sort(([a], [b]) => a - b).join(' ')}`;
    if (seen.has(key)) return;
    seen.add(key);
    if (tree.w === sheet.w && tree.h === sheet.h) full ??= tree;
    push(open, { built: { tree, counts }, rank: tree.w * tree.h * (0.5 + random()) });
  };
  for (const { item, turned, w, h } of lyings)
    if ((left[item] ?? 0) > 0) offer({ kind: 'item', item, turned, w, h }, new Map([[item, 1]]));
  // All single pieces are there before anything is joined to them.
  for (const { built } of open) file(byHeight, byWidth, built);
  const singles = new Set(open.map(({ built }) => built));
  let popped = 0;
  for (let next = pop(open); next && !full; next = pop(open)) {
    if (seen.size > mostBuilt || (++popped % 64 === 0 && isOver())) return undefined;
    const { tree, counts } = next.built;
    for (const other of byHeight.get(tree.h) ?? []) {
      const together = add(counts, other.counts, left);
      if (together) offer(sideBySide(tree, other.tree), together);
    }
    for (const other of byWidth.get(tree.w) ?? []) {
      const together = add(counts, other.counts, left);
      if (together) offer(oneAbove(tree, other.tree), together);
    }
    if (!singles.has(next.built)) file(byHeight, byWidth, next.built);
  }
  return full;
}

function file(byHeight: Map<number, Built[]>, byWidth: Map<number, Built[]>, built: Built): void {
  const { w, h } = built.tree;
  for (const [by, side] of [
    [byHeight, h],
    [byWidth, w],
  ] as const) {
    const alike = by.get(side);
    if (alike) alike.push(built);
    else by.set(side, [built]);
  }
}

/** The pieces of both; undefined where there are not so many. */
function add(
  a: ReadonlyMap<number, number>,
  b: ReadonlyMap<number, number>,
  left: readonly number[],
): ReadonlyMap<number, number> | undefined {
  const sum = new Map(a);
  for (const [piece, count] of b) {
    const both = (sum.get(piece) ?? 0) + count;
    if (both > (left[piece] ?? 0)) return undefined;
    sum.set(piece, both);
  }
  return sum;
}

type Ranked = { readonly built: Built; readonly rank: number };

/** Onto a heap, the largest rank on top. */
function push(heap: Ranked[], item: Ranked): void {
  heap.push(item);
  for (let at = heap.length - 1; at > 0;) {
    const parent = (at - 1) >> 1;
    if ((heap[parent]?.rank ?? 0) >= item.rank) break;
    heap[at] = heap[parent] as Ranked;
    heap[parent] = item;
    at = parent;
  }
}

function pop(heap: Ranked[]): Ranked | undefined {
  const top = heap[0];
  const last = heap.pop();
  if (!top || !last || heap.length === 0) return top;
  heap[0] = last;
  for (let at = 0; ;) {
    const [l, r] = [2 * at + 1, 2 * at + 2];
    let first = at;
    if ((heap[l]?.rank ?? -1) > (heap[first]?.rank ?? -1)) first = l;
    if ((heap[r]?.rank ?? -1) > (heap[first]?.rank ?? -1)) first = r;
    if (first === at) return top;
    [heap[at], heap[first]] = [heap[first] as Ranked, heap[at] as Ranked];
    at = first;
  }
}
