/**
 * A length as a whole number of ticks of 62.5 nm.
 *
 * One inch is 406 400 ticks and one millimetre 16 000, so 1/128 in (3 175 ticks) and one micrometre
 * (16 ticks) are both exact and sums never drift. A difference of two lengths may be negative.
 * Source of the ratio: international yard and pound agreement of 1959, 1 in = 25.4 mm exactly.
 */
export type Length = number & { readonly __brand: 'Length' };

/** An angle in degrees. */
export type Degrees = number & { readonly __brand: 'Degrees' };

export const TICKS_PER_INCH = 406_400;
export const TICKS_PER_MILLIMETRE = 16_000;
export const TICKS_PER_MICROMETRE = 16;

/** Ten metres: far beyond any sheet, and far inside exact arithmetic. */
export const longestLength = (10_000 * TICKS_PER_MILLIMETRE) as Length;

/** The unit that leads on screen; the other is always shown beside it. */
export type Unit = 'in' | 'mm';

/** A size as its face is read: width first, whichever is longer. */
export interface Size {
  readonly width: Length;
  readonly height: Length;
}

export const zeroLength = 0 as Length;

/**
 * Brands a count of ticks as a length.
 * @throws RangeError when the count is not a safe whole number.
 */
export function lengthFromTicks(ticks: number): Length {
  if (!Number.isSafeInteger(ticks))
    throw new RangeError(`lengthFromTicks: expected a whole number of ticks, got ${ticks}`);
  // The sum turns -0 into 0, which would otherwise compare and print differently.
  return (ticks + 0) as Length;
}

/**
 * A length of so many inches, given as a fraction.
 * @example inches(4, 15, 16) // 4 15/16 in
 * @throws RangeError when the fraction is no whole number of ticks.
 */
export function inches(whole: number, numerator = 0, denominator = 1): Length {
  return lengthFromTicks(whole * TICKS_PER_INCH + (numerator * TICKS_PER_INCH) / denominator);
}

/**
 * A length of so many millimetres, to the micrometre; a finer figure is a programmer's fault.
 * @throws RangeError when the figure is no whole number of micrometres.
 */
export function millimetres(value: number): Length {
  const micrometres = Math.round(value * 1000);
  if (Math.abs(micrometres - value * 1000) > 1e-6)
    throw new RangeError(`millimetres: expected whole micrometres, got ${value} mm`);
  return lengthFromTicks(micrometres * TICKS_PER_MICROMETRE);
}

/** The sum; of no lengths, zero. */
export function sumLengths(...lengths: readonly Length[]): Length {
  return lengthFromTicks(lengths.reduce((total: number, length) => total + length, 0));
}

/** The first less the second; negative when the second is longer. */
export function subtractLengths(from: Length, less: Length): Length {
  return lengthFromTicks(from - less);
}

/** So many times the length; `count` is a whole number. */
export function timesLength(length: Length, count: number): Length {
  return lengthFromTicks(length * count);
}

/**
 * Halves a length into the part on the left or top and the part on the right or bottom.
 * An odd half tick goes to the right or bottom, also for a negative length.
 * @example halveLength(5 ticks) // [2, 3]
 */
export function halveLength(length: Length): readonly [near: Length, far: Length] {
  const near = Math.floor(length / 2);
  return [lengthFromTicks(near), lengthFromTicks(length - near)];
}

export function longerOf(a: Length, b: Length): Length {
  return a > b ? a : b;
}

export function shorterOf(a: Length, b: Length): Length {
  return a < b ? a : b;
}

/** The same size turned by a quarter. */
export function turnSize(size: Size): Size {
  return { width: size.height, height: size.width };
}

/** Whether the size goes into the room as it lies; sides that are equal fit. */
export function fitsIn(size: Size, room: Size): boolean {
  return size.width <= room.width && size.height <= room.height;
}

/** Whether both sides agree to the tick. */
export function sameSize(a: Size, b: Size): boolean {
  return a.width === b.width && a.height === b.height;
}
