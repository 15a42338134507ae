import type { Size } from '../../length/length';
import { sheetOf } from '../../paper/sheets';
import type { PieceId } from '../../plan/ids';
import type { Stock } from '../../plan/libraryItem';
import type { Finding, Rule } from '../finding';

/** A piece, or the blank, that no sheet or pad of its stock gives in one piece, whichever way it lies. */
export const sheetTooSmall: Rule = {
  id: 'sheet-too-small',
  find: ({ card }) => {
    const { base, pieces } = card;
    const all: readonly Wanted[] = [
      { id: undefined, letter: base.letter, name: 'Base', size: base.blank, stock: base.stock },
      ...pieces.map(({ id, letter, name, cut, stock }) => ({ id, letter, name, size: cut, stock })),
    ];
    return all.flatMap(({ id, letter, name, size, stock }): Finding[] => {
      if (!stock || stock.sheets.some((sheet) => gives(sheetOf(sheet).size, size))) return [];
      return [
        {
          severity: 'stop',
          pieceId: id,
          letter,
          name,
          data: { rule: 'sheet-too-small', size, stock: stock.name, sheets: stock.sheets },
          remedies: [],
        },
      ];
    });
  },
};

interface Wanted {
  readonly id: PieceId | undefined;
  readonly letter: string;
  readonly name: string;
  readonly size: Size;
  readonly stock: Stock | undefined;
}

/** Touching edges fit. */
function gives(sheet: Size, { width, height }: Size): boolean {
  return (
    (width <= sheet.width && height <= sheet.height) ||
    (height <= sheet.width && width <= sheet.height)
  );
}
