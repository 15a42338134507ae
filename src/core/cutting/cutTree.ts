/**
 * A rectangle cut edge to edge: one item, or two parts side by side (`across`) or one above the other
 * (`down`). What the parts do not fill of a rectangle is waste at its right or foot.
 */
export type CutTree =
  | {
      readonly kind: 'item';
      readonly item: number;
      readonly turned: boolean;
      readonly w: number;
      readonly h: number;
    }
  | {
      readonly kind: 'across' | 'down';
      readonly first: CutTree;
      readonly second: CutTree;
      readonly w: number;
      readonly h: number;
    };

/** An item in its place on the sheet, from the top left corner. */
export interface PlacedItem {
  /** Its number in the problem, from 0. */
  readonly item: number;
  readonly x: number;
  readonly y: number;
  readonly w: number;
  readonly h: number;
  readonly turned: boolean;
}

/** Two rectangles side by side: as wide as both, as high as the higher. */
export function sideBySide(first: CutTree, second: CutTree): CutTree {
  return {
    kind: 'across',
    first,
    second,
    w: first.w + second.w,
    h: Math.max(first.h, second.h),
  };
}

/** One rectangle above the other: as high as both, as wide as the wider. */
export function oneAbove(first: CutTree, second: CutTree): CutTree {
  return { kind: 'down', first, second, w: Math.max(first.w, second.w), h: first.h + second.h };
}

/** The items of a tree in their places, with its corner at (x, y); of no tree, none. */
export function placeItems(tree: CutTree | undefined, x = 0, y = 0): readonly PlacedItem[] {
  if (!tree) return [];
  if (tree.kind === 'item') {
    const { item, turned, w, h } = tree;
    return [{ item, x, y, w, h, turned }];
  }
  const { first, second } = tree;
  const [dx, dy] = tree.kind === 'across' ? [first.w, 0] : [0, first.h];
  return [...placeItems(first, x, y), ...placeItems(second, x + dx, y + dy)];
}

/** How many of each piece, from 0, a tree holds. */
export function countItems(tree: CutTree, pieces: number): readonly number[] {
  const counts = Array<number>(pieces).fill(0);
  for (const { item } of placeItems(tree)) counts[item] = (counts[item] ?? 0) + 1;
  return counts;
}
