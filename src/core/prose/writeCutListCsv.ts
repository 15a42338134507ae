import { formatInches } from '../length/formatLength';
import { TICKS_PER_INCH, TICKS_PER_MILLIMETRE, type Length } from '../length/length';
import { writeCsvTable } from '../text/writeCsvTable';
import type { ProjectSheet } from './projectSheet';
import { rowRemarks } from './sentences';

/**
 * The cut list as CSV (RFC 4180): base first, then face by face in gluing order. A size is what is cut,
 * before trimming.
 * Inches as fractions to 1/64, prefixed 'about' where rounded, and as numbers beside; millimetres exact.
 */
export function writeCutListCsv(sheet: ProjectSheet): string {
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
  return writeCsvTable(
    rows.map((row) => ({
      letter: row.letter,
      piece: row.name,
      face: row.face,
      count: row.count,
      'width as cut, in': asCut(row.size.width),
      'height as cut, in': asCut(row.size.height),
      'width in': row.size.width / TICKS_PER_INCH,
      'height in': row.size.height / TICKS_PER_INCH,
      'width mm': row.size.width / TICKS_PER_MILLIMETRE,
      'height mm': row.size.height / TICKS_PER_MILLIMETRE,
      stock: row.stock,
      'glue on': row.on,
      adhesive: row.adhesive,
      remarks: row.remarks,
    })),
  );
}

function asCut(length: Length): string {
  const { text, about } = formatInches(length);
  return `${about ? 'about ' : ''}${text}`;
}
