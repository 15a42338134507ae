/** What so many copies take. */
export interface CopiesPoint {
  readonly copies: number;
  /** New sheets of each stock, by its name. */
  readonly stocks: readonly { readonly name: string; readonly sheets: number }[];
  readonly sheets: number;
  /** Fewer sheets are impossible. */
  readonly isLeast: boolean;
  /** Hundredths, of all whose price is known. */
  readonly costOfOne: number;
  /** What the cost leaves out, by name. */
  readonly unpriced: readonly string[];
  /** Undefined where a step fits in none. */
  readonly evenings: number | undefined;
}

/** What one copy more takes of sheets and evenings. */
export interface OneMore {
  readonly sheets: number;
  readonly evenings: number;
}

/** What one copy more than so many takes; undefined where that is not known. */
export function oneMoreThan(points: readonly CopiesPoint[], copies: number): OneMore | undefined {
  const [point, next] = [copies, copies + 1].map((count) =>
    points.find((each) => each.copies === count),
  );
  if (point?.evenings === undefined || next?.evenings === undefined) return undefined;
  return { sheets: next.sheets - point.sheets, evenings: next.evenings - point.evenings };
}

/** So many more cost neither a sheet nor an evening, as far as it is worked out. */
export function freeAfter(points: readonly CopiesPoint[], copies: number): number {
  let more = 0;
  for (;;) {
    const one = oneMoreThan(points, copies + more);
    if (!one || one.sheets > 0 || one.evenings > 0) return more;
    more += 1;
  }
}
