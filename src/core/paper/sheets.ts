import { inches, millimetres, turnSize, type Size } from '../length/length';

/** A sheet as it is bought. */
export interface Sheet {
  readonly id: string;
  readonly name: string;
  readonly size: Size;
  /** The standard or custom the size comes from. */
  readonly source: string;
}

export const letterSheet: Sheet = {
  id: 'letter',
  name: 'letter',
  size: { width: inches(8, 1, 2), height: inches(11) },
  source: 'ASME Y14.1, size A',
};

export const a4Sheet: Sheet = {
  id: 'a4',
  name: 'A4',
  size: { width: millimetres(210), height: millimetres(297) },
  source: 'ISO 216',
};

/** The sheets known so far, in the order they are offered. */
export const sheets: readonly Sheet[] = [letterSheet, a4Sheet];

/** How many pieces of one size a sheet gives in straight rows, and whether they lie turned on it. */
export interface StraightCount {
  readonly count: number;
  readonly turned: boolean;
}

/**
 * Counts pieces of one size in straight rows and columns, all one way; touching edges share a cut.
 * Of two ways that give as many, the unturned one. Mixed ways are the cutting plan's affair.
 * @example countStraight(letterSheet.size, a2 blank) // { count: 2, turned: false }
 */
export function countStraight(sheet: Size, piece: Size): StraightCount {
  const straight = rows(sheet, piece);
  const turned = rows(sheet, turnSize(piece));
  return turned > straight ? { count: turned, turned: true } : { count: straight, turned: false };
}

function rows(sheet: Size, piece: Size): number {
  if (piece.width <= 0 || piece.height <= 0) return 0;
  return Math.floor(sheet.width / piece.width) * Math.floor(sheet.height / piece.height);
}
