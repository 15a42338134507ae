import { otherUnit, writeLength } from '../length/formatLength';
import { lengthFromTicks, type Length, type Unit } from '../length/length';
import { fillsBox } from '../tolerances';
import type { RulerFigure, RulerFigures } from './rulerFigures';

/**
 * How to lay a piece with a ruler, in both units.
 * @example '3⁄8 (9.5 mm) from the left and 1 1⁄4 (31.8 mm) from the top'
 */
export function rulerWords({ x, y }: RulerFigures, unit: Unit): string {
  return `${figureWords(x, unit)} and ${figureWords(y, unit)}`;
}

function figureWords({ side, distance, isMeasured }: RulerFigure, unit: Unit): string {
  const other = otherUnit(unit);
  const size = lengthFromTicks(Math.abs(distance));
  const figures = `${writeMeasured(size, unit, isMeasured)} (${writeMeasured(size, other, isMeasured)} ${other})`;
  // Less than any ruler shows.
  if (Math.abs(distance) <= fillsBox) return `flush with the ${side}`;
  return distance < 0 ? `${figures} over the ${side}` : `${figures} from the ${side}`;
}

/** A figure with the about sign where it is rounded, or where it was measured and not computed exactly. */
export function writeMeasured(length: Length, unit: Unit, isMeasured: boolean): string {
  const words = writeLength(length, unit);
  return !isMeasured || words.startsWith(about) ? words : `${about} ${words}`;
}

const about = '≈';
