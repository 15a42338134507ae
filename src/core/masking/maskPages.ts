import { cutShapes } from '../drawing/cutLines';
import type { Line, Page, Shape } from '../drawing/shape';
import { TICKS_PER_MILLIMETRE } from '../length/length';
import { boundsOf, corners, shiftedBy, type Bounds, type Outline } from '../outline/outline';
import { intersectOutlines } from '../outline/polygons';
import { checkFoot, checkLayers, lineFrom, nameAt, nameHeight } from '../drawing/checkLines';
import type { PlannedMask } from './masksToCut';

const mm = TICKS_PER_MILLIMETRE;
const looks = {
  sheet: { colour: '#70797d', width: 0.1 * mm },
  cut: { colour: '#a42c19', width: 0.2 * mm },
  print: { colour: '#70797d', width: 0.1 * mm },
  register: { colour: '#07606a', width: 0.15 * mm },
} as const satisfies Readonly<Record<string, Line>>;

/** Between masks. */
const gap = 5 * mm;
/** Of a cross that is laid on the corner of a print. */
const arm = 2.5 * mm;

/** What can be laid on a sheet of masking paper, in ticks. */
export interface MaskRoom {
  readonly width: number;
  readonly height: number;
}

/** What a mask takes on a sheet: its cut line and the printed line, from its own corner. */
interface Laid {
  readonly mask: PlannedMask;
  readonly cut: Outline;
  readonly printed: Outline;
  /** It covers all of its print, so it is laid by the corners of that. */
  readonly isWhole: boolean;
  readonly width: number;
  readonly height: number;
}

/**
 * The masks of a card at 1:1, nested on sheets of masking paper in rows: each with the line it is cut along, the printed line
 * round it, its letter and name, and crosses where the corners of the print's box lie; a partial one is laid by the piece of
 * the printed line it shows. Masks wear out over a batch, and are there so often. An inch and 25 mm are drawn to check the print by.
 * @param nameOf what a print is called
 * @returns nothing where there are no masks; what is larger than the room has a page as large as itself
 */
export function maskPages(
  masks: readonly PlannedMask[],
  room: MaskRoom,
  title: string,
  nameOf: (id: string) => string,
): readonly Page[] {
  const waiting = masks
    .flatMap((mask) => Array.from({ length: mask.copies }, () => laidOf(mask, room)))
    .toSorted((a, b) => b.height - a.height);
  const pages: { readonly placed: Placed[]; y: number; x: number; rowHeight: number }[] = [];
  for (const laid of waiting) {
    const wide = laid.width + gap;
    const high = laid.height + nameHeight * 2 + gap;
    let page = pages.find(
      (each) =>
        (each.x + laid.width <= room.width && each.y + high <= room.height - checkFoot) ||
        each.y + each.rowHeight + high <= room.height - checkFoot,
    );
    if (!page) pages.push((page = { placed: [], x: 0, y: 0, rowHeight: 0 }));
    if (page.x + laid.width > room.width && page.x > 0) {
      page.y += page.rowHeight;
      [page.x, page.rowHeight] = [0, 0];
    }
    page.placed.push({ laid, x: page.x, y: page.y });
    page.x += wide;
    page.rowHeight = Math.max(page.rowHeight, high);
  }
  return pages.map(({ placed }) => pageOf(placed, room, title, nameOf));
}

interface Placed {
  readonly laid: Laid;
  readonly x: number;
  readonly y: number;
}

/** Of the printed line round a partial mask so much is shown. */
const shownRound = 4 * mm;

/** A mask that only fits lying is laid on its side; of a partial one only what is near it is drawn. */
function laidOf(mask: PlannedMask, room: MaskRoom): Laid {
  const [{ print, mask: own }] = mask.covers;
  const near = own.isPartial ? grownBox(boundsOf(own.cut), shownRound) : boundsOf(print.body);
  const { x0, y0, x1, y1 } = near;
  const [width, height] = [x1 - x0, y1 - y0];
  const isTurned = width > room.width && height <= room.width;
  const lay = (outline: Outline): Outline => {
    const shifted = shiftedBy(outline, -x0, -y0);
    return isTurned
      ? shifted.map((line) => line.map(({ x, y }) => ({ x: height - y, y: x })))
      : shifted;
  };
  const box = [corners({ x: x0, y: y0, width, height })];
  return {
    mask,
    cut: lay(own.cut),
    printed: lay(own.isPartial ? intersectOutlines(print.body, box) : print.body),
    isWhole: !own.isPartial,
    width: isTurned ? height : width,
    height: isTurned ? width : height,
  };
}

const grownBox = ({ x0, y0, x1, y1 }: Bounds, by: number): Bounds => ({
  x0: x0 - by,
  y0: y0 - by,
  x1: x1 + by,
  y1: y1 + by,
});

function pageOf(
  placed: readonly Placed[],
  room: MaskRoom,
  title: string,
  nameOf: (id: string) => string,
): Page {
  const width = Math.max(room.width, ...placed.map(({ laid, x }) => x + laid.width));
  const lowest = Math.max(...placed.map(({ laid, y }) => y + laid.height + nameHeight * 2));
  const isBounded = Number.isFinite(room.height);
  const height = isBounded ? Math.max(room.height, lowest + checkFoot) : lowest + checkFoot;
  return {
    title,
    width,
    height,
    layers: [
      {
        id: 'print',
        shapes: placed.map(({ laid, x, y }) => ({
          kind: 'outline',
          outline: shiftedBy(laid.printed, x, y),
          line: looks.print,
        })),
      },
      {
        id: 'cut',
        shapes: placed.flatMap(({ laid, x, y }) => cutShapes(shiftedBy(laid.cut, x, y), looks.cut)),
      },
      { id: 'register', shapes: placed.flatMap(crosses) },
      ...checkLayers(
        height,
        placed.map(({ laid: { mask, height: own }, x, y }) =>
          nameAt(
            x,
            y + own + nameHeight * 1.5,
            `${mask.letter} ${mask.covers.map(({ print }) => nameOf(print.id)).join(', ')}`,
          ),
        ),
      ),
    ],
  };
}

/** Where the corners of a print's box lie, so that the mask is laid on it straight. */
function crosses({ laid: { width, height, isWhole }, x, y }: Placed): readonly Shape[] {
  if (!isWhole) return [];
  return corners({ x, y, width, height }).flatMap((at) => [
    lineFrom(at.x - arm, at.y, at.x + arm, at.y, looks.register),
    lineFrom(at.x, at.y - arm, at.x, at.y + arm, looks.register),
  ]);
}
