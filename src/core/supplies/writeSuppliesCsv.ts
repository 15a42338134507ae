import Papa from 'papaparse';
import { amountWords, costWords, groupNames } from './supplyWords';
import type { SupplyList } from './supplyList';

/** A supply list as CSV (RFC 4180), one row a thing; what is not known is left empty. */
export function writeSuppliesCsv({ rows }: SupplyList): string {
  return `${Papa.unparse(
    rows.map((row) => ({
      group: groupNames[row.group],
      item: row.name,
      'one card': row.one === undefined ? '' : amountWords(row.one, row.unit, row.sheet),
      batch: row.batch === undefined ? '' : amountWords(row.batch, row.unit, row.sheet),
      'in the stash': row.owned ?? '',
      lacking: row.lacking > 0 ? amountWords(row.lacking, row.unit, row.sheet) || 'lacking' : '',
      'price of one': row.price === undefined ? '' : costWords(row.price),
      'sold until': row.item && 'sale' in row.item ? (row.item.sale.until ?? '') : '',
      for: row.letters.join(' '),
      notes: row.notes.join('; '),
    })),
    { escapeFormulae: true, newline: '\r\n' },
  )}\r\n`;
}
