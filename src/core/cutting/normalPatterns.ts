/** More places to cut at than this would keep a person waiting; the tables grow with their square. */
export const mostPatterns = 3000;

/** Sizes that come to more places to cut at than can be looked through. */
export class TooManyPatternsError extends Error {}

/**
 * The lengths up to `room` that pieces laid side by side can come to, and `room` itself, rising. Every
 * cut can be moved to one of them, since what lies past it can be pushed up to it. Source: Christofides
 * and Whitlock, An algorithm for two-dimensional cutting problems, Operations Research 25 (1977).
 * @param sides each side with how often it may be laid; all are whole and positive.
 * @throws TooManyPatternsError
 */
export function normalPatterns(
  room: number,
  sides: readonly { readonly length: number; readonly copies: number }[],
): readonly number[] {
  let sums = new Set([0]);
  for (const { length, copies } of sides) {
    const next = new Set(sums);
    for (const sum of sums)
      for (let count = 1; count <= copies && sum + count * length <= room; count++) {
        next.add(sum + count * length);
        if (next.size > mostPatterns) throw new TooManyPatternsError();
      }
    sums = next;
  }
  return [...sums.add(room)].sort((a, b) => a - b);
}

/** The place of the largest pattern that is not above a length; the first is 0, so there is one. */
export function patternAt(patterns: readonly number[], length: number): number {
  let [low, high] = [0, patterns.length - 1];
  while (low < high) {
    const middle = Math.ceil((low + high) / 2);
    if ((patterns[middle] ?? Infinity) <= length) low = middle;
    else high = middle - 1;
  }
  return low;
}

/** Longer tables than this would cost more than they save. */
const longestTable = 1 << 16;

/** As `patternAt`, looked up in a table by the measure common to all patterns where that is short enough. */
export function patternFinder(patterns: readonly number[]): (length: number) => number {
  const common = patterns.reduce(commonMeasure, 0);
  const entries = (patterns.at(-1) ?? 0) / common + 1;
  if (common === 0 || entries > longestTable) return (length) => patternAt(patterns, length);
  const table = new Int32Array(entries);
  for (let entry = 0, place = 0; entry < entries; entry++) {
    while ((patterns[place + 1] ?? Infinity) <= entry * common) place++;
    table[entry] = place;
  }
  return (length) => table[Math.min(entries - 1, Math.floor(length / common))] ?? 0;
}

function commonMeasure(a: number, b: number): number {
  return b === 0 ? a : commonMeasure(b, a % b);
}

/**
 * What is left of each pattern when an equal or smaller one is cut off, as the place of the largest
 * pattern that fits it; row by row, a row for each pattern. Places above the pattern itself stay 0.
 */
export function restPlaces(patterns: readonly number[]): Int32Array {
  const count = patterns.length;
  const places = new Int32Array(count * count);
  for (let whole = 0; whole < count; whole++) {
    // As more is cut off, less is left, so the place only moves down.
    let rest = whole;
    for (let cut = 0; cut <= whole; cut++) {
      const left = (patterns[whole] ?? 0) - (patterns[cut] ?? 0);
      while ((patterns[rest] ?? 0) > left) rest--;
      places[whole * count + cut] = rest;
    }
  }
  return places;
}
