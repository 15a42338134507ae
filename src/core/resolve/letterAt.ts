/**
 * The letter of the piece at an index: A to Z, then AA, AB and so on.
 * @example letterAt(0) // 'A'
 * @example letterAt(26) // 'AA'
 */
export function letterAt(index: number): string {
  const last = String.fromCharCode(65 + (index % 26));
  return index < 26 ? last : letterAt(Math.floor(index / 26) - 1) + last;
}
