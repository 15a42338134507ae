import type { CutGrid, UnboundedValues } from './unboundedValue';

/** A guide for filling a sheet with one piece alone: how many go in straight rows. */
export function rowsOf(grid: CutGrid, piece: number): Pick<UnboundedValues, 'valueOf' | 'cutOf'> {
  const lyings = grid.lyings.filter(({ item }) => item === piece);
  return {
    cutOf: () => undefined,
    valueOf: (w, h) =>
      Math.max(...lyings.map((each) => Math.floor(w / each.w) * Math.floor(h / each.h)), 0),
  };
}
