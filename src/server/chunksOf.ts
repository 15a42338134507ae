/** Rows in their order, so many at a time. @example chunksOf([1, 2, 3], 2) // [[1, 2], [3]] */
export function chunksOf<Row>(rows: readonly Row[], size: number): readonly (readonly Row[])[] {
  return Array.from({ length: Math.ceil(rows.length / size) }, (_, at) =>
    rows.slice(at * size, (at + 1) * size),
  );
}
