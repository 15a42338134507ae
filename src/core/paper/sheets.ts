import { inches, millimetres, type Size } from '../length/length';

/** Sheets as they are bought, pads included. */
export const sheetIds = ['letter', 'a4', 'a3', '12x12', '6x6'] as const;
export type SheetId = (typeof sheetIds)[number];

export interface Sheet {
  readonly id: SheetId;
  readonly name: string;
  /** Upright. */
  readonly size: Size;
  /** The standard or custom the size comes from. */
  readonly source: string;
}

export const letterSheet: Sheet = {
  id: 'letter',
  name: 'letter sheet',
  size: { width: inches(8, 1, 2), height: inches(11) },
  source: 'ASME Y14.1, size A',
};

export const a4Sheet: Sheet = {
  id: 'a4',
  name: 'A4 sheet',
  size: { width: millimetres(210), height: millimetres(297) },
  source: 'ISO 216',
};

/** In the order they are offered. */
export const sheets: readonly Sheet[] = [
  letterSheet,
  a4Sheet,
  {
    id: 'a3',
    name: 'A3 sheet',
    size: { width: millimetres(297), height: millimetres(420) },
    source: 'ISO 216',
  },
  {
    id: '12x12',
    name: '12 × 12 sheet',
    size: { width: inches(12), height: inches(12) },
    source: 'common practice (patterned paper)',
  },
  {
    id: '6x6',
    name: '6 × 6 pad',
    size: { width: inches(6), height: inches(6) },
    source: 'common practice (pads of patterned paper)',
  },
];

/** @throws RangeError for an id no schema lets through. */
export function sheetOf(id: SheetId): Sheet {
  const found = sheets.find((sheet) => sheet.id === id);
  if (!found) throw new RangeError(`sheetOf: expected one of ${sheetIds.join(', ')}, got ${id}`);
  return found;
}
