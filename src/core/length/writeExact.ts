import { formatInches } from './formatLength';
import { TICKS_PER_MILLIMETRE, type Length, type Size } from './length';

/**
 * A length as plain text that reads back as the same length, whatever unit leads: a fraction of an inch
 * where it is one to 1/64, else millimetres.
 * @example writeExact(inches(4, 1, 4)) // '4 1/4 in'; writeExact(millimetres(0.3)) // '0.3 mm'
 */
export function writeExact(length: Length): string {
  const { text, about } = formatInches(length);
  return about ? `${length / TICKS_PER_MILLIMETRE} mm` : `${text.replace('⁄', '/')} in`;
}

/** A size that reads back as the same size: both sides in inches where both are fractions, else in mm. */
export function writeSizeExact({ width, height }: Size): string {
  const [w, h] = [formatInches(width), formatInches(height)];
  if (w.about || h.about)
    return `${width / TICKS_PER_MILLIMETRE} x ${height / TICKS_PER_MILLIMETRE} mm`;
  return `${w.text.replace('⁄', '/')} x ${h.text.replace('⁄', '/')} in`;
}
