import { otherUnit, writeLength, writeSize } from './formatLength';
import type { Length, Size, Unit } from './length';

/**
 * A length in both units, the leading one first.
 * @example writeLengthBoth(inches(4, 1, 4), 'in') // '4 1⁄4 in (≈ 108.0 mm)'
 */
export function writeLengthBoth(length: Length, leading: Unit): string {
  const other = otherUnit(leading);
  return `${writeLength(length, leading)} ${leading} (${writeLength(length, other)} ${other})`;
}

/**
 * A size in both units, the leading one first.
 * @example writeSizeBoth(face, 'mm') // '105 × 148.5 mm (≈ 4 9⁄64 × 5 27⁄32 in)'
 */
export function writeSizeBoth(size: Size, leading: Unit): string {
  const other = otherUnit(leading);
  return `${writeSize(size, leading)} ${leading} (${writeSize(size, other)} ${other})`;
}
