import Papa from 'papaparse';
import { formatInches } from '../length/formatLength';
import { TICKS_PER_MILLIMETRE, type Length } from '../length/length';
import type { ProjectSheet } from './projectSheet';
import { rowRemarks } from './sentences';

/**
 * The cut list as CSV (RFC 4180): base first, then face by face in gluing order. A size is what is cut,
 * before trimming.
 * Inches as plain fractions to 1/64, prefixed 'about' where rounded; millimetres exact. A cell a
 * spreadsheet would run as a formula is made text.
 */
export function writeCsv(sheet: ProjectSheet): string {
  const { base, copies, faces } = sheet;
  const baseRow = { letter: base.letter, name: 'Base blank', face: 'base', size: base.blank };
  const rows = [
    { ...baseRow, count: copies, on: '', adhesive: '', stock: base.stock, remarks: '' },
    ...faces.flatMap(({ name: face, rows: pieces }) =>
      pieces.map((row) => ({
        ...row,
        face,
        size: row.before?.size ?? row.size,
        remarks: rowRemarks(row, sheet.leading).join('; '),
      })),
    ),
  ];
  return `${Papa.unparse(
    rows.map((row) => ({
      letter: row.letter,
      piece: row.name,
      face: row.face,
      count: row.count,
      'width in': plainInches(row.size.width),
      'height in': plainInches(row.size.height),
      'width mm': row.size.width / TICKS_PER_MILLIMETRE,
      'height mm': row.size.height / TICKS_PER_MILLIMETRE,
      stock: row.stock,
      'glue on': row.on,
      adhesive: row.adhesive,
      remarks: row.remarks,
    })),
    { escapeFormulae: true, newline: '\r\n' },
  )}\r\n`;
}

function plainInches(length: Length): string {
  const { text, about } = formatInches(length);
  return `${about ? 'about ' : ''}${text.replace('⁄', '/')}`;
}
