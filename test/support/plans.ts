import { parseLength } from '../../src/core/length/parseLength';
import type { Unit } from '../../src/core/length/length';
import type { TypedLength } from '../../src/core/length/typedLength';
import { defaultHabits } from '../../src/core/plan/habits';
import type { LibraryId, PieceId } from '../../src/core/plan/ids';
import { faceIds, type FaceId } from '../../src/core/plan/faces';
import type { DieSet, LibraryRef, Stamp, Stencil, Stock } from '../../src/core/plan/libraryItem';
import type { Library } from '../../src/core/plan/library';
import { newPlan } from '../../src/core/plan/newPlan';
import { newRibbon } from '../../src/core/composition/newThing';
import type { Mark, Paper, Piece, PieceOf, PlaceRule, SizeRule } from '../../src/core/plan/piece';
import { centred, plainMark, plainPiece } from '../../src/core/plan/pieces';
import { withPieces } from '../../src/core/plan/withPieces';
import type { Base, Plan } from '../../src/core/plan/plan';
import { downward, plainStop, printedInWish } from '../../src/core/plan/plainColours';

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
  bSide: null,
  pounds: null,
  direction: 'none',
  grain: null,
  sale: { from: null, until: null },
  ...change,
});

/** A nested set in steps of 1/4 in, the largest 4 x 5 1/4. */
const coveDies: DieSet = {
  kind: 'die-set',
  ...coves,
  name: 'Cove rectangles',
  sale: { from: null, until: null },
  cuts: 'shape',
  stitch: null,
  shape: null,
  goesWith: [],
  steps: ['4 x 5 1/4', '3 3/4 x 5', '3 1/2 x 4 3/4'].map((text) => {
    const [width = '', height = ''] = text.split(' x ');
    return { width: typed(width), height: typed(height) };
  }),
};

/** A stamp two inches wide and one high, of a filled body and a line. */
export const wren: LibraryRef = { id: 'wren' as LibraryId, version: 1 };

const wrenStamp: Stamp = {
  kind: 'stamp',
  ...wren,
  name: 'Garden wren',
  sale: { from: null, until: null },
  stamp: 'outline',
  width: typed('2'),
  height: typed('1'),
  shape: { box: { width: 200, height: 100 }, outline: 'M0 100L100 0L200 100Z' },
  layers: [
    { name: 'body', path: 'M0 100L100 0L200 100Z', lineWidth: 0, colour: '#7a6a55' },
    { name: 'lines', path: 'M0 100L100 0L200 100Z', lineWidth: 3, colour: '#1e2428' },
  ],
  words: null,
  goesWith: [],
};

/** A stencil two inches wide and three high that repeats every half inch. */
export const drizzle: LibraryRef = { id: 'drizzle' as LibraryId, version: 1 };

const drizzleStencil: Stencil = {
  kind: 'stencil',
  ...drizzle,
  name: 'Drizzle',
  sale: { from: null, until: null },
  width: typed('2'),
  height: typed('3'),
  box: { width: 200, height: 300 },
  repeat: { kind: 'grid', across: typed('1/2'), down: typed('1/2') },
  layers: [{ name: 'drops', openings: 'M20 20H30V30H20Z', colour: '#6f8fa3' }],
};

/** Two stocks of card, a patterned paper, nested dies, a stamp and a stencil. */
export const library: Library = [
  stock(chalk, {}),
  stock(moss, { name: 'Moss 216 g', colour: '#57694a' }),
  stock(rowPaper, { name: 'Bean row', paper: 'patterned', colour: '#dfe7d0', sheets: ['6x6'] }),
  coveDies,
  wrenStamp,
  drizzleStencil,
];

export const a2Upright: Base['format'] = { kind: 'named', id: 'a2', stand: 'upright' };

/** A plan on an A2, side fold, in inches, unless told otherwise. */
export function planOf(
  pieces: readonly Piece[],
  {
    format = a2Upright,
    fold = 'side',
    unit = 'in',
    stock: base = chalk,
  }: Partial<PlanOptions> = {},
): Plan {
  const habits = defaultHabits(unit);
  const about = { title: 'Bean poles', designerId: null, releaseId: null };
  return withPieces(newPlan({ ...about, habits, stock: base, format, fold }), pieces);
}

interface PlanOptions {
  readonly format: Base['format'];
  readonly fold: Base['fold'];
  readonly unit: Unit;
  /** Of the base. */
  readonly stock: LibraryRef;
}

/** A piece glued on a face or, by its id, on another piece; in a colour that shows on the chalk base. */
export function pieceOn(
  on: FaceId | (string & {}),
  id: string,
  size: SizeRule,
  change: Partial<Paper> | Omit<PlaceRule, 'turn'> = centred,
): Paper {
  return {
    ...plainPiece,
    id: id as PieceId,
    name: id,
    on: isFace(on) ? { face: on } : { piece: on as PieceId },
    size,
    stock: isFace(on) ? moss : chalk,
    ...('x' in change ? { place: { turn: 0, ...change } } : change),
  };
}

/** What each mark has beside what is told of it. */
function markOn(on: string, id: string, place: Omit<PlaceRule, 'turn'> & { turn?: number }) {
  return {
    ...plainMark,
    id: id as PieceId,
    name: id,
    on: isFace(on) ? { face: on } : { piece: on as PieceId },
    place: { turn: 0, ...place },
  };
}

/** The print of a stamp, centred unless it is placed. */
export function stampedOn(
  on: string,
  id: string,
  stamp: LibraryRef,
  place: Partial<PlaceRule> = {},
): Extract<Mark, { kind: 'image' }> {
  return {
    kind: 'image',
    ...markOn(on, id, { ...centred, ...place }),
    stamp,
    layers: layersIn('#7a6a55', '#1e2428'),
    parts: [],
    finishes: [],
    crop: null,
  };
}

/** Words with small letters an eighth of an inch high, centred unless they are placed. */
export function wordsOn(
  on: string,
  id: string,
  lines: readonly string[],
  place: Partial<PlaceRule> = {},
): Extract<Mark, { kind: 'words' }> {
  return {
    kind: 'words',
    ...markOn(on, id, { ...centred, ...place }),
    lines,
    lettering: 'plain',
    xHeight: typed('1/8'),
    align: 'centre',
    print: printedInWish('#1e2428'),
  };
}

/** A gem an eighth of an inch across. */
export function dotOn(
  on: string,
  id: string,
  place: Partial<PlaceRule> = {},
): Extract<Mark, { kind: 'dot' }> {
  return {
    kind: 'dot',
    ...markOn(on, id, { ...centred, ...place }),
    look: 'gem',
    diameter: typed('1/8'),
    colour: { wish: '#b04a3a' },
    item: null,
  };
}

/** A ribbon 10 mm wide across what it lies on, wrapped round it, tied in no bow. */
export function ribbonOn(
  on: string,
  id: string,
  change: Partial<PieceOf<'ribbon'>> = {},
): PieceOf<'ribbon'> {
  const { on: under, ...own } = markOn(on, id, centred);
  return {
    ...newRibbon({ id: own.id, on: under }, 'mm'),
    ...own,
    way: 'round',
    fixing: 'tied',
    ...change,
  };
}

/** A bow in it, so far from its end. */
export function bowAt(
  at: string,
  change: Partial<NonNullable<PieceOf<'ribbon'>['bow']>> = {},
): NonNullable<PieceOf<'ribbon'>['bow']> {
  return {
    look: 'bow',
    at: typed(at, 'mm'),
    across: typed('30 mm'),
    takes: typed('120 mm'),
    tail: typed('25 mm'),
    ...change,
  };
}

/** Colour through a stencil, over all of what it lies on. */
export function stencilledOn(
  on: string,
  id: string,
  stencil: LibraryRef,
): Extract<Mark, { kind: 'stencil' }> {
  return {
    kind: 'stencil',
    ...markOn(on, id, centred),
    stencil,
    turned: false,
    zone: null,
    layers: [[plainStop({ wish: '#6f8fa3' })]],
    openings: [],
    direction: downward,
    laid: 'before',
  };
}

/** A line drawn across, two inches long. */
export function drawnOn(
  on: string,
  id: string,
  place: Partial<PlaceRule> = {},
): Extract<Mark, { kind: 'drawn' }> {
  return {
    kind: 'drawn',
    ...markOn(on, id, { ...centred, ...place }),
    width: typed('2'),
    height: typed('1/4'),
    path: 'M0 500H1000',
    lineWidth: typed('1/64'),
    colour: { wish: '#1e2428' },
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

/** The library with the coves cut as frames, their rim so many hundredths of an inch of the largest. */
export function withFrames(rim: number): Library {
  const [width, height] = [400, 525];
  const window = `M${rim} ${rim}H${width - rim}V${height - rim}H${rim}Z`;
  return library.map((item) =>
    item.kind === 'die-set'
      ? {
          ...item,
          shape: { box: { width, height }, outline: `M0 0H${width}V${height}H0Z${window}` },
        }
      : item,
  );
}

/** The layers of a print in bare colours; null leaves one out. */
export function layersIn(
  ...colours: readonly (string | null)[]
): Extract<Mark, { kind: 'image' }>['layers'] {
  return colours.map((colour) =>
    colour === null ? null : { by: 'print', ...printedInWish(colour) },
  );
}
