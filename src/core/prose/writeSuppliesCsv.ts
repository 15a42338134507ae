import { sheetOf } from '../paper/sheets';
import { writeCsvTable } from '../text/writeCsvTable';
import type { SupplyList } from '../supplies/supplyList';
import { soldUntil } from '../supplies/supplyRow';
import { groupNames } from './supplyWords';

/**
 * A supply list as CSV (RFC 4180), one row a thing: amounts are numbers, their unit in a column of its own; what is not
 * known is left empty.
 */
export function writeSuppliesCsv({ rows }: SupplyList): string {
  return writeCsvTable(
    rows.map((row) => ({
      group: groupNames[row.group],
      item: row.name,
      'one card': rounded(row.one),
      batch: rounded(row.batch),
      'in the stash': rounded(row.owned),
      lacking: rounded(row.lacking),
      unit: row.unit === 'use' ? '' : row.unit,
      sheet: row.sheet ? sheetOf(row.sheet).name : '',
      'price of one': row.price === undefined ? undefined : row.price / 100,
      'sold until': soldUntil(row) ?? '',
      for: row.letters.join(' '),
      notes: row.notes.join('; '),
    })),
  );
}

/** To ten thousandths, below anything that is measured out. */
function rounded(amount: number | undefined): number | undefined {
  return amount === undefined ? undefined : Number(amount.toFixed(4));
}
