import { parseLength } from '../../src/core/length/parseLength';
import type { Unit } from '../../src/core/length/length';
import type { TypedLength } from '../../src/core/length/lengthSchema';
import { defaultHabits } from '../../src/core/plan/habits';
import type { LibraryId, PieceId } from '../../src/core/plan/ids';
import { faceIds, type FaceId } from '../../src/core/plan/faces';
import type { DieSet, Library, LibraryRef, Stock } from '../../src/core/plan/libraryItem';
import { newPlan } from '../../src/core/plan/newPlan';
import {
  centred,
  plainPiece,
  type Piece,
  type PlaceRule,
  type SizeRule,
} from '../../src/core/plan/piece';
import type { Base, Plan } from '../../src/core/plan/plan';

/** A length as a test writes it, such as '4 1/8' or '105 mm'. */
export function typed(text: string, unit: Unit = 'in'): TypedLength {
  const parsed = parseLength(text, unit);
  if (!parsed.ok) throw new Error(`typed: ${text}: ${parsed.issue.code}`);
  return { ticks: parsed.length, typed: text };
}

export const ticksOf = (text: string, unit: Unit = 'in') => typed(text, unit).ticks;

export const reveal = (text: string): SizeRule => ({ by: 'reveal', all: typed(text) });
export const measure = (width: string, height: string): SizeRule => ({
  by: 'measure',
  width: typed(width),
  height: typed(height),
});

export const chalk: LibraryRef = { id: 'chalk' as LibraryId, version: 1 };
export const moss: LibraryRef = { id: 'moss' as LibraryId, version: 1 };
export const rowPaper: LibraryRef = { id: 'row-paper' as LibraryId, version: 1 };
export const coves: LibraryRef = { id: 'coves' as LibraryId, version: 1 };

const stock = (ref: LibraryRef, change: Partial<Stock>): Stock => ({
  kind: 'stock',
  ...ref,
  name: 'Chalk 216 g',
  paper: 'cardstock',
  colour: '#fbfaf6',
  gramsPerSquareMetre: 216,
  caliper: typed('0.3 mm'),
  sheets: ['letter', 'a4'],
  ...change,
});

/** A nested set in steps of 1/4 in, the largest 4 x 5 1/4. */
const coveDies: DieSet = {
  kind: 'die-set',
  ...coves,
  name: 'Cove rectangles',
  steps: ['4 x 5 1/4', '3 3/4 x 5', '3 1/2 x 4 3/4'].map((text) => {
    const [width = '', height = ''] = text.split(' x ');
    return { width: typed(width), height: typed(height) };
  }),
};

export const library: Library = [
  stock(chalk, {}),
  stock(moss, { name: 'Moss 216 g', colour: '#57694a' }),
  stock(rowPaper, { name: 'Bean row', paper: 'patterned', colour: '#dfe7d0', sheets: ['6x6'] }),
  coveDies,
];

export const a2Upright: Base['format'] = { kind: 'named', id: 'a2', stand: 'upright' };

/** A plan on an A2, side fold, in inches, unless told otherwise. */
export function planOf(
  pieces: readonly Piece[],
  { format = a2Upright, fold = 'side', unit = 'in' }: Partial<PlanOptions> = {},
): Plan {
  const habits = defaultHabits(unit);
  const about = { title: 'Bean poles', designerId: null, releaseId: null };
  return { ...newPlan({ ...about, habits, stock: chalk, format, fold }), pieces };
}

interface PlanOptions {
  readonly format: Base['format'];
  readonly fold: Base['fold'];
  readonly unit: Unit;
}

/** A piece glued on a face or, by its id, on another piece; in a colour that shows on the chalk base. */
export function pieceOn(
  on: FaceId | (string & {}),
  id: string,
  size: SizeRule,
  change: Partial<Piece> | PlaceRule = centred,
): Piece {
  return {
    ...plainPiece,
    id: id as PieceId,
    name: id,
    on: isFace(on) ? { face: on } : { piece: on as PieceId },
    size,
    stock: isFace(on) ? moss : chalk,
    ...('x' in change ? { place: change } : change),
  };
}

const isFace = (on: string): on is FaceId => (faceIds as readonly string[]).includes(on);

/** The five-layer A2 of common practice, sized by its reveals from the base out. */
export function fiveLayers(): Plan {
  return planOf([
    pieceOn('front', 'paper', reveal('1/16')),
    pieceOn('paper', 'mat-1', reveal('5/16')),
    pieceOn('mat-1', 'mat-2', reveal('1/8'), { stock: moss }),
    pieceOn('mat-2', 'top', reveal('1/16')),
    pieceOn('inside', 'inside-mat', reveal('3/16')),
    pieceOn('inside-mat', 'liner', reveal('3/32')),
  ]);
}
