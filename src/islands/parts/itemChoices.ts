import { writeSize } from '../../core/length/formatLength';
import type { Unit } from '../../core/length/length';
import type { LibraryItem, LibraryRef } from '../../core/plan/libraryItem';
import type { Choice } from '../popups/ChoicePopup';

/** An item of the stash as a value of a list. */
export const refValue = ({ id, version }: LibraryRef): string => `${id}@${version}`;

/** The items of a list; of those called the same, what tells them apart. */
export function choicesOf(items: readonly LibraryItem[], unit: Unit): readonly Choice[] {
  const often = new Map<string, number>();
  for (const { name } of items) often.set(name, (often.get(name) ?? 0) + 1);
  return items.map((item) => ({
    value: refValue(item),
    name: item.name,
    ...((often.get(item.name) ?? 0) > 1 && { note: tellApart(item, unit) }),
    ...('colour' in item && { colour: item.colour }),
  }));
}

function tellApart(item: LibraryItem, unit: Unit): string {
  switch (item.kind) {
    case 'stamp':
    case 'stencil':
      return writeSize({ width: item.width.ticks, height: item.height.ticks }, unit);
    case 'die-set':
      return `${item.steps.length} sizes, ${item.id}`;
    case 'stock':
      return `${item.gramsPerSquareMetre} g, ${item.sheets.join(' ')}`;
    default:
      return item.id;
  }
}
