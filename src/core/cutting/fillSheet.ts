import type { CutTree } from './cutTree';
import {
  joinParts,
  partsOf,
  type CutGrid,
  type Lying,
  type UnboundedValues,
} from './unboundedValue';

/** What is asked of the values without limits while filling. */
type Guide = Pick<UnboundedValues, 'valueOf' | 'cutOf'>;

/** How often a rectangle is cut as it would be without limits; from trial. */
const followed = 0.2;

/**
 * Fills a sheet quickly within limits: into a corner goes the item that, with the most the two rests
 * could hold, is worth most; then each rest is filled the same way. Now and then a rectangle is cut as it
 * would be without limits instead, and both parts are filled. Not the best, but cut edge to edge.
 *
 *    ┌──────┬───┐      ┌──────┬───┐
 *    │ item │ 1 │      │ item │ 1 │     the rest is cut down or across, whichever promises more
 *    ├──────┴───┤  or  ├──────┤   │
 *    │    2     │      │  2   │   │
 *    └──────────┘      └──────┴───┘
 *
 * @param random from 0 up to 1, for when to cut as without limits.
 * @param values by item, which may differ from those of `unbounded`, so that other fillings are tried.
 */
export function fillSheet(
  grid: CutGrid,
  unbounded: Guide,
  values: readonly number[],
  limits: readonly number[],
  random: () => number,
): CutTree | undefined {
  const left = [...limits];
  const fill = (w: number, h: number): CutTree | undefined => {
    const cut = random() < followed ? unbounded.cutOf(w, h) : undefined;
    if (cut) {
      const [first, second] = partsOf(cut, w, h);
      const filled = fill(first.w, first.h);
      return joinParts(cut.kind, filled, fill(second.w, second.h));
    }
    const choice = bestCorner(grid, unbounded, values, left, w, h);
    if (!choice) return undefined;
    const { lying, isDownFirst } = choice;
    left[lying.item] = (left[lying.item] ?? 0) - 1;
    const { item, turned } = lying;
    const placed: CutTree = { kind: 'item', item, turned, w: lying.w, h: lying.h };
    const beside = fill(w - lying.w, isDownFirst ? h : lying.h);
    const below = fill(isDownFirst ? lying.w : w, h - lying.h);
    return isDownFirst
      ? joinParts('across', joinParts('down', placed, below), beside)
      : joinParts('down', joinParts('across', placed, beside), below);
  };
  return fill(grid.sheet.w, grid.sheet.h);
}

function bestCorner(
  { lyings, reach }: CutGrid,
  { valueOf }: Guide,
  values: readonly number[],
  left: readonly number[],
  w: number,
  h: number,
): { readonly lying: Lying; readonly isDownFirst: boolean } | undefined {
  let best = 0;
  let found: { readonly lying: Lying; readonly isDownFirst: boolean } | undefined;
  for (const lying of lyings) {
    const value = values[lying.item] ?? 0;
    if (value <= 0 || (left[lying.item] ?? 0) <= 0 || lying.w > w || lying.h > h) continue;
    const [right, under] = [w - lying.w, h - lying.h];
    const isWhole = lying.w === w && lying.h === h;
    const canAcross = isWhole || (w <= reach && (lying.h <= reach || lying.w === w));
    const canDown = h <= reach && (lying.w <= reach || lying.h === h);
    if (!canAcross && !canDown) continue;
    const acrossFirst = canAcross ? value + valueOf(right, lying.h) + valueOf(w, under) : -1;
    const downFirst = canDown ? value + valueOf(right, h) + valueOf(lying.w, under) : -1;
    const promise = Math.max(acrossFirst, downFirst);
    if (promise <= best) continue;
    best = promise;
    found = { lying, isDownFirst: downFirst > acrossFirst };
  }
  return found;
}
