import { TICKS_PER_INCH, TICKS_PER_MILLIMETRE, type Unit } from '../length/length';

/**
 * An area in the square of a unit, to a hundredth of an inch or of a centimetre each way.
 * @param area square ticks
 * @example writeArea(406_400 ** 2 / 4, 'in') // '0.25 in²'
 */
export function writeArea(area: number, unit: Unit): string {
  const side = unit === 'in' ? TICKS_PER_INCH : 10 * TICKS_PER_MILLIMETRE;
  const figure = area / side ** 2;
  // What is there is never told as nothing.
  const shown = figure > 0 && figure < 0.01 ? 'under 0.01' : figure.toFixed(2);
  return `${shown} ${unit === 'in' ? 'in²' : 'cm²'}`;
}
