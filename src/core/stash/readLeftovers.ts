import type { Unit } from '../length/length';
import { hashText } from '../text/hashText';
import type { Leftover } from './holding';
import { readSize } from './itemField';

/** Leftovers that are there already keep their ids. */
export function readLeftovers(
  text: string,
  leading: Unit,
  before: readonly Leftover[],
): readonly Leftover[] | undefined {
  const parts = text
    .split(';')
    .map((part) => part.trim())
    .filter(Boolean);
  const read = parts.map((part) => {
    const found = /^(\d{1,5})\s*(?:of|×)\s*(.+)$/i.exec(part);
    const size = readSize(found?.[2] ?? part, leading);
    const many = found ? Number(found[1]) : 1;
    return size && many >= 1 && many <= 10_000 ? { size, count: many } : undefined;
  });
  const good = read.flatMap((each) => (each ? [each] : []));
  if (good.length < read.length) return undefined;
  return good.map(({ size, count }, at) => {
    const old = before.find(
      (each) =>
        each.size.width.ticks === size.width.ticks && each.size.height.ticks === size.height.ticks,
    );
    return old
      ? { ...old, count }
      : {
          id: `left-${hashText(`${size.width.ticks} ${size.height.ticks} ${at}`).slice(0, 8)}`,
          size,
          count,
        };
  });
}
