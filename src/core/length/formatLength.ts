import { TICKS_PER_INCH, TICKS_PER_MILLIMETRE, type Length, type Size, type Unit } from './length';

/** The finest fraction shown: 16 means sixteenths. */
export type InchMark = 8 | 16 | 32 | 64;

/** The finest step of millimetres shown. */
export type MillimetreStep = 0.1 | 0.5 | 1;

/** A shown figure; `about` exactly when it is not the value itself. */
export interface ShownFigure {
  readonly text: string;
  readonly about: boolean;
}

/** Sets a rounded figure apart from an exact one; its space does not break (U+00A0). */
export const aboutSign = '≈\u00a0';
const noBreak = '\u00a0';

const minus = '−';
const fractionSlash = '⁄';

/**
 * Inches as a mixed fraction in lowest terms, to the nearest mark; a half rounds away from zero.
 * The fraction is joined by U+2044, so that a font with true fractions forms it without styling.
 * @example formatInches(inches(4, 15, 16)) // { text: '4 15⁄16', about: false }
 */
export function formatInches(length: Length, mark: InchMark = 64): ShownFigure {
  const size = Math.abs(length);
  const ticksPerMark = TICKS_PER_INCH / mark;
  const marks = Math.round(size / ticksPerMark);
  const whole = Math.floor(marks / mark);
  const over = marks % mark;
  const divisor = greatestCommonDivisor(over, mark);
  const fraction = over === 0 ? '' : `${over / divisor}${fractionSlash}${mark / divisor}`;
  const figures = [whole > 0 || over === 0 ? String(whole) : '', fraction].filter(Boolean);
  return {
    text: (length < 0 && marks > 0 ? minus : '') + figures.join(' '),
    about: marks * ticksPerMark !== size,
  };
}

/**
 * Millimetres to the nearest step, without trailing noughts when exact; a half rounds away from zero.
 * @example formatMillimetres(inches(4, 1, 4)) // { text: '108.0', about: true }
 */
export function formatMillimetres(length: Length, step: MillimetreStep = 0.1): ShownFigure {
  const size = Math.abs(length);
  const ticksPerStep = step * TICKS_PER_MILLIMETRE;
  const steps = Math.round(size / ticksPerStep);
  const about = steps * ticksPerStep !== size;
  const tenths = Math.round(steps * step * 10);
  const places = step === 1 || (!about && tenths % 10 === 0) ? 0 : 1;
  const text = (tenths / 10).toFixed(places);
  return { text: (length < 0 && steps > 0 ? minus : '') + text, about };
}

/** The figure in one unit at its finest everyday mark: 1/64 in or 0.1 mm. */
export function formatLength(length: Length, unit: Unit): ShownFigure {
  return unit === 'in' ? formatInches(length) : formatMillimetres(length);
}

/** The figure with its about sign where it needs one, without the unit; what is less than the finest mark says so. */
export function writeLength(length: Length, unit: Unit): string {
  const { text, about } = formatLength(length, unit);
  if (about && Number(text) === 0)
    return `under${noBreak}${unit === 'in' ? `1${fractionSlash}64` : '0.1'}`;
  return about ? aboutSign + text : text;
}

/** Width × height with one about sign for both, without the unit. */
export function writeSize(size: Size, unit: Unit): string {
  const width = formatLength(size.width, unit);
  const height = formatLength(size.height, unit);
  const sign = width.about || height.about ? aboutSign : '';
  return `${sign}${width.text} × ${height.text}`;
}

/** The unit that does not lead. */
export function otherUnit(unit: Unit): Unit {
  return unit === 'in' ? 'mm' : 'in';
}

function greatestCommonDivisor(a: number, b: number): number {
  return b === 0 ? a : greatestCommonDivisor(b, a % b);
}
