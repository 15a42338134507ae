import Papa from 'papaparse';

/** One row of a table: a number stays a number, what is not known is left out. */
export type CsvRow = Readonly<Record<string, string | number | undefined>>;

/**
 * A table as CSV (RFC 4180) that spreadsheets open as it is meant: a byte order mark says that it is UTF-8, fractions are
 * set with the fraction slash, which no spreadsheet takes for a date, and a cell it would run as a formula is made text.
 * @param columns left out, those of the rows in the order they first come
 */
export function writeCsvTable(rows: readonly CsvRow[], columns?: readonly string[]): string {
  const fields = [...(columns ?? new Set(rows.flatMap((row) => Object.keys(row))))];
  const data = rows.map((row) => fields.map((field) => row[field] ?? ''));
  const table = Papa.unparse({ fields, data }, { escapeFormulae: true, newline: '\r\n' });
  return `\uFEFF${table.replace(/(\r\n)?$/, '\r\n')}`;
}
