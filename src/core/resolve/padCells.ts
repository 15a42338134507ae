import { TICKS_PER_MILLIMETRE } from '../length/length';
import { isNearLines, isWithin } from '../outline/distance';
import { corners, type Bounds, type Outline } from '../outline/outline';
import { splitWindows } from '../outline/splitWindows';
import { adhesive, type AdhesiveId } from '../paper/adhesives';
import { sides, type Side } from '../plan/faces';
import type { Habits } from '../plan/habits';
import type { Zone } from '../plan/piece';

/** A piece as pads are laid under it: turned back, so that its sides are those of its box. */
export interface Ground {
  readonly outline: Outline;
  readonly box: Bounds;
  /** Pads are so wide; narrower under a piece that would not hide them. */
  readonly size: number;
  /** Pads keep so far inside the edge. */
  readonly inset: number;
  /** Of foam, squares on 100 square centimetres. */
  readonly rates: Habits['adhesiveRates'];
}

/** One square of what is laid, by its top left corner. */
export interface Cell {
  readonly x: number;
  readonly y: number;
  /** The side it is laid along. */
  readonly side?: Side;
}

const ticksPerDecimetre = 100 * TICKS_PER_MILLIMETRE;

export const squareOf = ({ x, y }: Cell, size: number) =>
  corners({ x, y, width: size, height: size });
export const middleOf = ({ x, y }: Cell, { size }: Ground) => ({
  x: x + size / 2,
  y: y + size / 2,
});

/** Whether all of a square lies on the piece. */
function liesOn(cell: Cell, { outline, size }: Ground): boolean {
  return isWithin([squareOf(cell, size)], outline);
}

/** Whether a square lies in a zone. */
export function isIn(where: Zone['where'], cell: Cell, ground: Ground): boolean {
  const { box, inset, size, outline } = ground;
  const { x, y } = middleOf(cell, ground);
  const off = { left: x - box.x0, top: y - box.y0, right: box.x1 - x, bottom: box.y1 - y };
  switch (where.at) {
    case 'all':
      return true;
    case 'round':
      return isNearLines({ x, y }, outline, inset + size);
    case 'sides':
      return where.sides.some((side) => cell.side === side || off[side] <= inset + size);
    case 'middle':
      return (
        Math.min(off.left, off.right) >= (box.x1 - box.x0) / 4 &&
        Math.min(off.top, off.bottom) >= (box.y1 - box.y0) / 4
      );
    case 'places':
      return where.places.some(
        (place) =>
          Math.abs(off.left - place.x.ticks) < size && Math.abs(off.top - place.y.ticks) < size,
      );
  }
}

/** The squares an adhesive is laid in, in one zone. */
export function cellsOf(where: Zone['where'], id: AdhesiveId, ground: Ground): readonly Cell[] {
  const { foam, by } = adhesive(id);
  const isSheet = id === 'foam-sheet';
  switch (where.at) {
    case 'all':
      if (isSheet) return filling(ground);
      // Under a frame squares would stand in its window.
      return !foam || by === 'edge' || splitWindows(ground.outline).windows.length > 0
        ? along(sides, ground)
        : spread(ground.box, id, ground);
    case 'round':
      return along(sides, ground);
    case 'sides':
      return along(where.sides, ground);
    case 'middle': {
      const inner = innerHalf(ground.box);
      return isSheet || !foam
        ? filling(ground).filter((cell) => isIn(where, cell, ground))
        : spread(inner, id, ground);
    }
    case 'places':
      return where.places
        .map(({ x, y }) => ({
          x: ground.box.x0 + x.ticks - ground.size / 2,
          y: ground.box.y0 + y.ticks - ground.size / 2,
        }))
        .filter((cell) => liesOn(cell, ground));
  }
}

/** Where a zone keeps to what the piece lies over, that is filled, since little of it may be there. */
export function cellsOver(where: Zone['where'], ground: Ground): readonly Cell[] {
  return filling(ground).filter((cell) => isIn(where, cell, ground));
}

function innerHalf({ x0, y0, x1, y1 }: Bounds): Bounds {
  const [across, down] = [(x1 - x0) / 4, (y1 - y0) / 4];
  return { x0: x0 + across, y0: y0 + down, x1: x1 - across, y1: y1 - down };
}

/** So many squares side by side in a length, and how far they are from its beginning. */
function inLength(length: number, { size, inset }: Ground) {
  const count = Math.max(1, Math.floor((length - 2 * inset) / size));
  return { count, from: Math.round((length - count * size) / 2) };
}

/** Side by side in rows, wherever they lie on the piece. */
function filling(ground: Ground): readonly Cell[] {
  const { box, size } = ground;
  const across = inLength(box.x1 - box.x0, ground);
  const down = inLength(box.y1 - box.y0, ground);
  return Array.from({ length: across.count * down.count }, (_, at) => ({
    x: box.x0 + across.from + (at % across.count) * size,
    y: box.y0 + down.from + Math.floor(at / across.count) * size,
  })).filter((cell) => liesOn(cell, ground));
}

/** Side by side along sides, each as near to the edge as it lies on the piece; corners are laid once. */
function along(which: readonly Side[], ground: Ground): readonly Cell[] {
  const { box, size } = ground;
  const [width, height] = [box.x1 - box.x0, box.y1 - box.y0];
  const laid: Cell[] = [];
  for (const side of sides.filter((each) => which.includes(each))) {
    const isUpright = side === 'left' || side === 'right';
    const { count, from } = inLength(isUpright ? height : width, ground);
    const most = (isUpright ? width : height) / 2 - size / 2;
    for (let at = 0; at < count; at++) {
      const run = from + at * size;
      const cell = firstOn(ground, most, (deep) => {
        const across = side === 'right' ? width - deep - size : deep;
        const down = side === 'bottom' ? height - deep - size : deep;
        return {
          x: box.x0 + (isUpright ? across : run),
          y: box.y0 + (isUpright ? run : down),
          side,
        };
      });
      if (cell && !laid.some((other) => overlaps(other, cell, size))) laid.push(cell);
    }
  }
  return laid;
}

/** The nearest to the edge, no deeper than so far, that lies on the piece. */
function firstOn(ground: Ground, most: number, at: (deep: number) => Cell): Cell | undefined {
  const { inset, size } = ground;
  for (let deep = inset; deep <= Math.max(inset, most); deep += size / 2) {
    const cell = at(Math.round(deep));
    if (liesOn(cell, ground)) return cell;
  }
  return undefined;
}

/** Whether two squares share more than an edge. */
export const overlaps = (a: Cell, b: Cell, size: number) =>
  Math.abs(a.x - b.x) < size && Math.abs(a.y - b.y) < size;

/** A square that would stand off the piece is drawn nearer to its middle, by these shares of the way. */
const drawnIn = [0, 0.1, 0.2, 0.3, 0.4, 0.5];

/** Evenly over a box, as far apart as the habit says, one at each corner at least. */
function spread(within: Bounds, id: AdhesiveId, ground: Ground): readonly Cell[] {
  const { size, inset } = ground;
  const pitch = ticksPerDecimetre / Math.sqrt(Math.max(1, ground.rates[id]));
  const rows = (from: number, to: number) => {
    const [first, last] = [from + inset, to - inset - size];
    if (last - first < size) return [(first + last) / 2];
    const gaps = Math.max(1, Math.round((last - first) / pitch));
    return Array.from({ length: gaps + 1 }, (_, at) => first + ((last - first) * at) / gaps);
  };
  const middle = { x: (within.x0 + within.x1 - size) / 2, y: (within.y0 + within.y1 - size) / 2 };
  const laid: Cell[] = [];
  for (const y of rows(within.y0, within.y1))
    for (const x of rows(within.x0, within.x1)) {
      const cell = drawnIn
        .map((share) => ({
          x: Math.round(x + (middle.x - x) * share),
          y: Math.round(y + (middle.y - y) * share),
        }))
        .find((each) => liesOn(each, ground));
      if (cell && !laid.some((other) => overlaps(other, cell, size))) laid.push(cell);
    }
  return laid;
}
