import { oneAbove, sideBySide, type CutTree } from './cutTree';
import {
  normalPatterns,
  patternAt,
  patternFinder,
  restPlaces,
  TooManyPatternsError,
} from './normalPatterns';

export interface SheetSize {
  readonly w: number;
  readonly h: number;
}

/** One way an item may lie on the sheet. */
export interface Lying {
  readonly item: number;
  readonly w: number;
  readonly h: number;
  /** The most of them that are wanted. */
  readonly copies: number;
  readonly turned: boolean;
}

/** The places cuts may be at, and what each cut leaves; the same for any values of the items. */
export interface CutGrid {
  readonly sheet: SheetSize;
  /** No cut is longer than this; Infinity where there is no such limit. */
  readonly reach: number;
  readonly lyings: readonly Lying[];
  readonly widths: readonly number[];
  readonly heights: readonly number[];
  /** The place of the largest width, or height, that is not above a length. */
  readonly columnAt: (w: number) => number;
  readonly rowAt: (h: number) => number;
  readonly widthRests: Int32Array;
  readonly heightRests: Int32Array;
}

/** For every rectangle the best value it can be cut into where items may be had without limit. */
export interface UnboundedValues {
  /** By row of heights and column of widths. */
  readonly values: Float64Array;
  readonly valueOf: (w: number, h: number) => number;
  /** The first cut for that value; undefined where one item, or nothing, is worth it. */
  readonly cutOf: (w: number, h: number) => FirstCut | undefined;
  /** How that value is cut; undefined where nothing of value fits. */
  readonly treeOf: (w: number, h: number) => CutTree | undefined;
}

/** A cut right through, so far from the left (`across`, parts side by side) or the top (`down`). */
export interface FirstCut {
  readonly kind: 'across' | 'down';
  readonly at: number;
}

/** More rectangles than this would keep a person waiting; the caller says so. */
export const mostRectangles = 160_000;

/** A problem with more rectangles to look at than `mostRectangles`. */
export class TooManyRectanglesError extends Error {
  constructor() {
    super(`cutGrid: more than ${mostRectangles} rectangles`);
  }
}

/**
 * Lays out the places where a sheet may be cut for items of these sizes. A side longer than the reach
 * cannot be cut along, so such a sheet is first cut across that side into parts the reach spans.
 * @throws TooManyRectanglesError
 */
export function cutGrid(sheet: SheetSize, all: readonly Lying[], reach = Infinity): CutGrid {
  const lyings = all.filter(({ w, h, copies }) => copies > 0 && canBeFreed(sheet, { w, h }, reach));
  const sides = (side: 'w' | 'h') =>
    lyings.map((lying) => ({ length: lying[side], copies: lying.copies }));
  const widths = placesToCut(sheet.w, sides('w'), reach);
  const heights = placesToCut(sheet.h, sides('h'), reach);
  if (widths.length * heights.length > mostRectangles) throw new TooManyRectanglesError();
  return {
    sheet,
    reach,
    lyings,
    widths,
    heights,
    columnAt: patternFinder(widths),
    rowAt: patternFinder(heights),
    widthRests: restPlaces(widths),
    heightRests: restPlaces(heights),
  };
}

/**
 * Whether cuts no longer than the reach can free a rectangle from a sheet: it fits, and where a side of
 * it is longer than the reach, its other side must be the sheet's own. Touching edges fit.
 */
export function canBeFreed(sheet: SheetSize, { w, h }: SheetSize, reach: number): boolean {
  if (w > sheet.w || h > sheet.h) return false;
  if (w === sheet.w && h === sheet.h) return true;
  if (sheet.w > reach && sheet.h > reach) return false;
  return (w <= reach || h === sheet.h) && (h <= reach || w === sheet.w);
}

function placesToCut(
  side: number,
  sides: Parameters<typeof normalPatterns>[1],
  reach: number,
): readonly number[] {
  try {
    return reachPatterns(normalPatterns(side, sides), reach);
  } catch (error) {
    throw error instanceof TooManyPatternsError ? new TooManyRectanglesError() : error;
  }
}

/** Cuts at the reach, and just past it, so that no length between two patterns straddles it. */
function reachPatterns(patterns: readonly number[], reach: number): readonly number[] {
  const room = patterns.at(-1) ?? 0;
  if (room <= reach) return patterns;
  return [...new Set([...patterns, reach, reach + 1])].sort((a, b) => a - b);
}

/**
 * Solves every rectangle of the sheet by dynamic programming over its first cut: exact where items may
 * be had without limit, an upper bound where they may not. Mutates two tables while it works. A
 * rectangle is first worth what the next smaller ones are; ties go to those, then to the cut nearest
 * the left or top.
 * Source: Beasley, Algorithms for unconstrained two-dimensional guillotine cutting, JORS 36 (1985).
 * @param itemValues by item; one worth nothing is left out.
 */
export function unboundedValues(grid: CutGrid, itemValues: readonly number[]): UnboundedValues {
  const { widths, heights, widthRests, heightRests, lyings, reach, columnAt, rowAt } = grid;
  const [columns, rows] = [widths.length, heights.length];
  const halves = [halfPlaces(widths), halfPlaces(heights)] as const;
  const values = new Float64Array(columns * rows);
  /** 0: nothing; n: item n - 1 of `lyings`; -n: cut across at n; -(columns + n): cut down at n. */
  const choices = new Int32Array(columns * rows);
  const place = (w: number, h: number) => rowAt(h) * columns + columnAt(w);
  for (const [index, { item, w, h }] of lyings.entries()) {
    const value = itemValues[item] ?? 0;
    if (value <= (values[place(w, h)] ?? 0)) continue;
    values[place(w, h)] = value;
    choices[place(w, h)] = index + 1;
  }
  /** The same values by column and row, so that both directions of cut read along a line of memory. */
  const turned = new Float64Array(columns * rows);
  for (let row = 0; row < rows; row++)
    for (let column = 0; column < columns; column++) {
      const at = row * columns + column;
      const line = row * columns;
      const turnedLine = column * rows;
      let best = values[at] as number;
      let choice = choices[at] as number;
      const isTall = (heights[row] as number) > reach;
      const isWide = (widths[column] as number) > reach;
      if (!isTall && !isWide) {
        if (column > 0 && (values[at - 1] as number) > best) {
          best = values[at - 1] as number;
          choice = choices[at - 1] as number;
        }
        if (row > 0 && (values[at - columns] as number) > best) {
          best = values[at - columns] as number;
          choice = choices[at - columns] as number;
        }
      }
      // Past the reach a cut further on does not mirror one before the half: its rest may be within it.
      const lastAcross = isTall ? 0 : isWide ? column - 1 : (halves[0][column] as number);
      for (let cut = 1; cut <= lastAcross; cut++) {
        const rest = widthRests[column * columns + cut] as number;
        const value = (values[line + cut] as number) + (values[line + rest] as number);
        if (value > best) [best, choice] = [value, -cut];
      }
      const lastDown = isWide ? 0 : isTall ? row - 1 : (halves[1][row] as number);
      for (let cut = 1; cut <= lastDown; cut++) {
        const rest = heightRests[row * rows + cut] as number;
        const value = (turned[turnedLine + cut] as number) + (turned[turnedLine + rest] as number);
        if (value > best) [best, choice] = [value, -(columns + cut)];
      }
      values[at] = best;
      turned[turnedLine + row] = best;
      choices[at] = choice;
    }

  const cutOf = (w: number, h: number): FirstCut | undefined => {
    const choice = choices[place(w, h)] ?? 0;
    if (choice >= 0) return undefined;
    return -choice < columns
      ? { kind: 'across', at: widths[-choice] ?? 0 }
      : { kind: 'down', at: heights[-choice - columns] ?? 0 };
  };
  const treeOf = (w: number, h: number): CutTree | undefined => {
    const cut = cutOf(w, h);
    if (!cut) {
      const lying = lyings[(choices[place(w, h)] ?? 0) - 1];
      return (
        lying && { kind: 'item', item: lying.item, turned: lying.turned, w: lying.w, h: lying.h }
      );
    }
    const [first, second] = partsOf(cut, w, h).map((part) => treeOf(part.w, part.h));
    return joinParts(cut.kind, first, second);
  };
  return { values, cutOf, treeOf, valueOf: (w, h) => values[place(w, h)] ?? 0 };
}

/** For each pattern the place of the last one that is at most half of it: a cut further on mirrors one. */
function halfPlaces(patterns: readonly number[]): Int32Array {
  return Int32Array.from(patterns, (whole) => patternAt(patterns, Math.floor(whole / 2)));
}

/** The two rectangles a cut makes of one. */
export function partsOf(cut: FirstCut, w: number, h: number): readonly [SheetSize, SheetSize] {
  return cut.kind === 'across'
    ? [
        { w: cut.at, h },
        { w: w - cut.at, h },
      ]
    : [
        { w, h: cut.at },
        { w, h: h - cut.at },
      ];
}

/** Two parts as they were cut; where one of them holds nothing, the other alone. */
export function joinParts(
  kind: FirstCut['kind'],
  first: CutTree | undefined,
  second: CutTree | undefined,
): CutTree | undefined {
  if (!first || !second) return first ?? second;
  return kind === 'across' ? sideBySide(first, second) : oneAbove(first, second);
}
