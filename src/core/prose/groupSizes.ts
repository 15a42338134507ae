import { writeLength } from '../length/formatLength';
import type { Length, Unit } from '../length/length';
import { isMark, type Placed } from '../resolve/outlineOf';
import { joinWords } from '../words/phrases';

/** How many of a group are so wide. */
export interface GroupSize {
  readonly across: Length;
  readonly count: number;
}

/** The sizes in a group of dots, the large ones first; none where it is not of dots. */
export function groupSizes(things: readonly Placed[]): readonly GroupSize[] {
  if (things.length < 2 || !things.every((each) => isMark(each) && each.piece.kind === 'dot'))
    return [];
  const counts = new Map<Length, number>();
  for (const { rect } of things) counts.set(rect.width, (counts.get(rect.width) ?? 0) + 1);
  return [...counts]
    .map(([across, count]) => ({ across, count }))
    .toSorted((a, b) => b.across - a.across);
}

/** How many of a group a placement stands for, by their sizes where those are known. */
export function manyWords(
  { count, sizes }: { readonly count: number; readonly sizes: readonly GroupSize[] },
  unit: Unit,
): string {
  return groupSizeWords(sizes, unit) || `${count} of them`;
}

/** '5 of 1⁄8, 9 of 3⁄32 and 17 of 1⁄16 in'. */
export function groupSizeWords(sizes: readonly GroupSize[], unit: Unit): string {
  const words = sizes.map(({ across, count }) => `${count} of ${writeLength(across, unit)}`);
  return words.length === 0 ? '' : `${joinWords(words)} ${unit}`;
}
