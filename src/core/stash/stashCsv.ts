import { writeSizeExact } from '../length/writeExact';
import { sheetIds } from '../paper/sheets';
import { writeCsvTable } from '../text/writeCsvTable';
import type { LibraryItem } from '../plan/libraryItem';
import { newestOf, type Library } from '../plan/library';
import type { Holding } from './holding';
import { holdingOf } from './holdings';
import { itemFields, itemKinds, kindNames } from './itemFields';

/** Every field of every kind, each once, in the order they first come. */
export const fieldKeys: readonly string[] = [
  ...new Set(itemKinds.flatMap((kind) => itemFields[kind].map(({ key }) => key))),
];

/** The columns of a stash as a file. */
export const stashColumns: readonly string[] = [
  'id',
  'kind',
  ...fieldKeys,
  'count',
  'price',
  ...sheetIds.flatMap((sheet) => [`${sheet} count`, `${sheet} price`]),
  'leftovers',
];

/**
 * The stash as CSV (RFC 4180), one row an item, in its newest version. Lengths carry their unit; prices
 * are in whole units of the currency; an amount nobody counts is empty. What is gone is left out, and so are kept
 * combinations, which are no things to be counted; backups and card files carry them.
 */
export function writeStashCsv(library: Library, holdings: readonly Holding[]): string {
  const rows = newestOf(library).flatMap((item) => {
    const holding = holdingOf(holdings, item.id);
    return holding.isGone || item.kind === 'combination' ? [] : [rowOf(item, holding)];
  });
  return writeCsvTable(rows, stashColumns);
}

function rowOf(item: LibraryItem, holding: Holding): Record<string, string> {
  const fields = itemFields[item.kind].map(({ key, read }) => [key, read(item)]);
  const sheets = holding.sheets.flatMap(({ sheet, count, price }) => [
    [`${sheet} count`, amount(count)],
    [`${sheet} price`, money(price)],
  ]);
  return Object.fromEntries([
    ['id', item.id],
    ['kind', kindNames[item.kind]],
    ...fields,
    ['count', amount(holding.count)],
    ['price', money(holding.price)],
    ...sheets,
    ['leftovers', writeLeftovers(holding)],
  ]) as Record<string, string>;
}

/** Leftovers as text: '3 of 4 x 8 1/2 in; 1 of 2 x 11 in'. */
export function writeLeftovers({ leftovers }: Holding): string {
  return leftovers
    .map(({ size, count }) => {
      const { width, height } = size;
      return `${count} of ${writeSizeExact({ width: width.ticks, height: height.ticks })}`;
    })
    .join('; ');
}

const amount = (count: number | null) => (count === null ? '' : String(count));
const money = (hundredths: number | null) =>
  hundredths === null ? '' : (hundredths / 100).toFixed(2);
