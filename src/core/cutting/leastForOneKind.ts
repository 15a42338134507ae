/** Sheets of one source as the pieces of one kind see them. */
export interface KindSource {
  /** The most of the pieces that one sheet gives. */
  readonly gives: number;
  readonly cost: number;
  /** How many sheets there are; undefined where there is no limit. */
  readonly limit: number | undefined;
}

/**
 * The least that any plan for pieces of one kind costs: with one kind every sheet is best cut into as many
 * as it gives, so what is left to choose is how many sheets of each source. Exact, by dynamic programming
 * over the pieces still wanted; a limited source is taken in lots of one, two, four and so on.
 * @returns Infinity where the sheets do not suffice.
 * @example leastForOneKind([{ gives: 4, cost: 90, limit: undefined }, { gives: 1, cost: 28, limit: undefined }], 10) // 236
 */
export function leastForOneKind(sources: readonly KindSource[], wanted: number): number {
  const least = new Float64Array(wanted + 1).fill(Infinity);
  least[0] = 0;
  for (const { gives, cost, limit } of sources) {
    if (gives <= 0) continue;
    if (limit === undefined) {
      for (let count = 1; count <= wanted; count++)
        takeLess(least, count, (least[Math.max(0, count - gives)] ?? Infinity) + cost);
      continue;
    }
    for (const lot of lotsOf(Math.min(limit, Math.ceil(wanted / gives))))
      // Downward, so that each lot is taken once.
      for (let count = wanted; count >= 1; count--)
        takeLess(least, count, (least[Math.max(0, count - lot * gives)] ?? Infinity) + lot * cost);
  }
  return least[wanted] ?? Infinity;
}

function takeLess(least: Float64Array, count: number, cost: number): void {
  if (cost < (least[count] ?? Infinity)) least[count] = cost;
}

/** Lots that together make any number up to `count`, and no more. */
function lotsOf(count: number): readonly number[] {
  const lots: number[] = [];
  for (let lot = 1, rest = count; rest > 0; lot *= 2) {
    lots.push(Math.min(lot, rest));
    rest -= lot;
  }
  return lots;
}
