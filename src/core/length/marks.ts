import { inches, lengthFromTicks, millimetres, type Length, type Unit } from './length';

/** The marks of a ruler or trimmer: a line every so far, counted from zero. */
export type MarkSpacing = Length;

export const sixteenthInch: MarkSpacing = inches(0, 1, 16);
export const wholeMillimetre: MarkSpacing = millimetres(1);

/** From mark to mark of the ruler on the table. */
export const rulerMarks: Readonly<Record<Unit, MarkSpacing>> = {
  in: sixteenthInch,
  mm: wholeMillimetre,
};

/** The marks whose figures are easy to cut and to lay off. */
export const easyMarks: Readonly<Record<Unit, MarkSpacing>> = {
  in: inches(0, 1, 8),
  mm: wholeMillimetre,
};

/** Where a length stands between the marks; on a mark, both neighbours are the length itself. */
export interface NearestMarks {
  readonly on: boolean;
  readonly below: Length;
  readonly above: Length;
}

/**
 * The nearest marks below and above a length.
 * @throws RangeError when the spacing is not positive.
 */
export function nearestMarks(length: Length, spacing: MarkSpacing): NearestMarks {
  if (spacing <= 0)
    throw new RangeError(`nearestMarks: expected a positive spacing, got ${spacing} ticks`);
  const below = lengthFromTicks(Math.floor(length / spacing) * spacing);
  const on = below === length;
  return { on, below, above: on ? below : lengthFromTicks(below + spacing) };
}

/** Whether a length lies on a mark of any of the scales; with no scale, nothing does. */
export function isOnMarks(length: Length, scales: readonly MarkSpacing[]): boolean {
  return scales.some((spacing) => length % spacing === 0);
}

/** The next mark up or down from a length, never below zero; from between marks, the neighbour. */
export function stepToMark(length: Length, spacing: MarkSpacing, direction: 1 | -1): Length {
  const { on, below, above } = nearestMarks(length, spacing);
  if (!on) return direction === 1 ? above : below;
  return lengthFromTicks(Math.max(0, length + direction * spacing));
}
