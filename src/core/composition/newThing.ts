import { asTyped, type TypedLength } from '../length/typedLength';
import {
  halveLength,
  inches,
  lengthFromTicks,
  millimetres,
  type Length,
  type Size,
  type Unit,
} from '../length/length';
import type { PieceId } from '../plan/ids';
import type { DieSet, LibraryRef, Stamp, Stencil } from '../plan/libraryItem';
import type { Mark, Paper, PieceOf, Support } from '../plan/piece';
import type { BowLook } from '../plan/pieces/looks';
import { centred, plainMark, plainPiece } from '../plan/pieces';
import { newWordsName } from '../resolve/spokenName';
import { cutText } from '../text/cutText';
import { downward, plainStop, printedInWish } from '../plan/plainColours';

/** Where a new thing goes, and what it is called by. */
interface Start {
  readonly id: PieceId;
  readonly on: Support;
}

type Bow = NonNullable<PieceOf<'ribbon'>['bow']>;

/** A dark ink that reads on every light paper. */
const usualInk = '#22282b';

const refOf = ({ id, version }: Stamp | DieSet | Stencil): LibraryRef => ({ id, version });

/** The print of a stamp in the colours it is shown in. */
export function newImage(start: Start, stamp: Stamp): Extract<Mark, { kind: 'image' }> {
  return {
    kind: 'image',
    ...plainMark,
    ...start,
    name: cutText(stamp.name, 60),
    stamp: refOf(stamp),
    layers: (stamp.words ? [usualInk] : stamp.layers.map(({ colour }) => colour)).map((colour) => ({
      by: 'print',
      ...printedInWish(colour),
    })),
    parts: [],
    finishes: [],
    crop: null,
  };
}

/** How high small letters are to begin with; from memory. */
const usualXHeight: Readonly<Record<Unit, TypedLength>> = {
  in: asTyped(inches(0, 1, 8)),
  mm: asTyped(millimetres(3)),
};

export function newWords(start: Start, unit: Unit): Mark {
  return {
    kind: 'words',
    ...plainMark,
    ...start,
    name: newWordsName,
    lines: ['with love'],
    lettering: 'clarendon',
    xHeight: usualXHeight[unit],
    align: 'centre',
    print: printedInWish(usualInk),
  };
}

/** How far outside a print scissors cut; common practice is to leave a narrow rim. */
export const cutOutRim: Readonly<Record<Unit, Length>> = {
  in: inches(0, 1, 16),
  mm: millimetres(1.5),
};

/** Colour through a stencil over all of what it lies on, in the colours it is shown in. */
export function newStencilling(start: Start, stencil: Stencil): Extract<Mark, { kind: 'stencil' }> {
  return {
    kind: 'stencil',
    ...plainMark,
    ...start,
    name: cutText(stencil.name, 60),
    stencil: refOf(stencil),
    turned: false,
    zone: null,
    layers: stencil.layers.map(({ colour }) => [plainStop({ wish: colour })]),
    openings: [],
    direction: downward,
    laid: 'before',
  };
}

/** What a die of a set cuts, the one that is as large as will do where none is named. */
export function newDieCut(start: Start, set: DieSet, step: number, stock: LibraryRef): Paper {
  return {
    ...plainPiece,
    ...start,
    name: cutText(set.name.replace(/^Die for /, ''), 60),
    size: { by: 'die', set: refOf(set), step, turned: false },
    stock,
    attach: 'foam',
  };
}

export function newDot(start: Start, unit: Unit): Mark {
  return {
    kind: 'dot',
    ...plainMark,
    ...start,
    name: 'Gem',
    look: 'gem',
    diameter: unit === 'in' ? asTyped(inches(0, 1, 8)) : asTyped(millimetres(3)),
    colour: { wish: '#b5533f' },
    item: null,
  };
}

/** A ribbon across what it lies on, its ends tucked under, a third from the foot of it. */
export function newRibbon(start: Start, unit: Unit): PieceOf<'ribbon'> {
  return {
    kind: 'ribbon',
    ...plainMark,
    place: { ...centred, y: { from: 'third', which: 2 } },
    ...start,
    name: 'Ribbon',
    look: 'ribbon',
    width: unit === 'in' ? asTyped(inches(0, 3, 8)) : asTyped(millimetres(10)),
    runs: 'across',
    way: 'tucked',
    tuck: unit === 'in' ? asTyped(inches(0, 1, 2)) : asTyped(millimetres(12)),
    fixing: 'taped',
    bow: null,
    colour: { wish: '#8a3b46' },
    item: null,
  };
}

/** A bow in the middle of a ribbon so long; as much ribbon as one takes and as hangs from it, common practice. */
export function newBow(look: BowLook, along: Length, unit: Unit): Bow {
  const figure = (inch: Length, mm: number) => asTyped(unit === 'in' ? inch : millimetres(mm));
  const [half] = halveLength(along);
  const across = look === 'knot' ? figure(inches(0, 1, 2), 12) : figure(inches(1, 3, 4), 45);
  const takes = look === 'knot' ? figure(inches(1, 1, 2), 40) : figure(inches(4, 1, 2), 120);
  return { look, at: asTyped(half), across, takes, tail: figure(inches(1), 25) };
}

/** A line across half of what it lies on, to begin with. */
export function newDrawn(start: Start, under: Size, unit: Unit): Mark {
  return {
    kind: 'drawn',
    ...plainMark,
    ...start,
    name: 'Drawn line',
    width: asTyped(lengthFromTicks(Math.round(under.width / 2))),
    height: unit === 'in' ? asTyped(inches(0, 1, 8)) : asTyped(millimetres(3)),
    path: 'M0 500H1000',
    lineWidth: unit === 'in' ? asTyped(inches(0, 1, 64)) : asTyped(millimetres(0.4)),
    colour: { wish: usualInk },
  };
}
