import { colourDifference } from '../../colour/colourDifference';
import { labOf } from '../../colour/lab';
import type { Size } from '../../length/length';
import { sixteenthInch } from '../../length/marks';
import { sheetOf } from '../../paper/sheets';
import type { Stock } from '../../plan/libraryItem';
import { stocksOf, type Library } from '../../plan/library';
import type { ResolvedPiece } from '../../resolve/resolvedPiece';
import type { Finding, Rule, RuleInput } from '../finding';
import { deed, type Remedy } from '../remedy';
import { cardSubject, pieceSubject } from '../subject';
import { findJoin, joinEdit } from '../joinPiece';
import { changePiece } from '../../plan/pieceEdits';

/**
 * A piece, or the blank, that no sheet or pad of its stock gives in one piece, whichever way it lies.
 * A piece can be joined of two; both can be cut from another stock, the nearest in colour.
 */
export const sheetTooSmall: Rule = {
  id: 'sheet-too-small',
  find: (input) => {
    const { base, pieces } = input.card;
    const wanted: readonly Wanted[] = [
      { piece: undefined, size: base.blank, stock: base.stock },
      ...pieces.map((piece) => ({ piece, size: piece.cut, stock: piece.stock })),
    ];
    return wanted.flatMap((each) => findingOf(each, input));
  },
};

interface Wanted {
  /** Undefined for the blank. */
  readonly piece: ResolvedPiece | undefined;
  readonly size: Size;
  readonly stock: Stock | undefined;
}

function findingOf({ piece, size, stock }: Wanted, input: RuleInput): Finding[] {
  if (!stock || givesFrom(stock, size)) return [];
  const { plan, card, library } = input;
  const sizes = stock.sheets.map((id) => sheetOf(id).size);
  const mark = plan.habits.trimmerMarks[0]?.ticks ?? sixteenthInch;
  const join = piece && findJoin(piece, card, sizes, mark);
  const joining = piece && join && joinEdit(plan, card, piece, join);
  const other = nearestStock(stock, size, library);
  const remedies: Remedy[] = [];
  if (joining) remedies.push(deed('join', joining));
  if (other) {
    const ref = { id: other.id, version: other.version };
    remedies.push(
      deed(
        'other-stock',
        piece
          ? changePiece(piece.piece, { stock: ref })
          : { kind: 'set-base', change: { stock: ref } },
      ),
    );
  }
  return [
    {
      severity: 'stop',
      subject: piece ? pieceSubject(piece) : cardSubject(card),
      data: {
        rule: 'sheet-too-small',
        size,
        stock: stock.name,
        sheets: stock.sheets,
        join,
        other: other?.name,
      },
      remedies,
    },
  ];
}

/** The stock nearest in colour that gives the size, of the same sort before any other. */
function nearestStock(from: Stock, size: Size, library: Library): Stock | undefined {
  const colour = labOf(from.colour);
  return stocksOf(library)
    .filter((stock) => stock.id !== from.id && givesFrom(stock, size))
    .map((stock) => ({
      stock,
      isOtherSort: stock.paper !== from.paper,
      difference: colourDifference(colour, labOf(stock.colour)),
    }))
    .toSorted(
      (a, b) =>
        Number(a.isOtherSort) - Number(b.isOtherSort) ||
        a.difference - b.difference ||
        (a.stock.id < b.stock.id ? -1 : 1),
    )[0]?.stock;
}

function givesFrom(stock: Stock, size: Size): boolean {
  return stock.sheets.some((sheet) => gives(sheetOf(sheet).size, size));
}

/** Touching edges fit. */
function gives(sheet: Size, { width, height }: Size): boolean {
  return (
    (width <= sheet.width && height <= sheet.height) ||
    (height <= sheet.width && width <= sheet.height)
  );
}
