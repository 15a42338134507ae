import { contains, isNearLines } from '../outline/distance';
import { boundsOf, boxGap, corners, shiftedBy, type Outline } from '../outline/outline';
import {
  areaOfOutline,
  intersectOutlines,
  lengthOfLines,
  shrinkAndOpen,
  simplified,
  subtractOutlines,
  uniteOutlines,
} from '../outline/polygons';
import { chordError } from '../tolerances';
import type { Print } from './print';

/** How masks are cut, in ticks. */
export interface MaskHabits {
  /** How far inside the printed line. */
  readonly inset: number;
  /** What is narrower than this is left out. */
  readonly spindly: number;
  /** How far a partial mask reaches beyond where prints meet. */
  readonly margin: number;
}

/** A mask as it is cut. */
export interface Mask {
  /** The line it is cut along; nothing where all of the print is too spindly. */
  readonly cut: Outline;
  /** What of the print it leaves open that it should cover: parts too spindly to cut. */
  readonly leftOut: Outline;
  /** Only as large as it must be. */
  readonly isPartial: boolean;
  /** Ticks. */
  readonly cutLength: number;
  readonly minutes: number;
}

/** A partial mask is made where it is smaller than this share of the whole one. From memory. */
const worthPartial = 0.6;

/**
 * The mask of a print: its outline drawn in all round, less what is too spindly to be cut, and where prints meet at a
 * corner only as large as it must be. Cut inside the line, so that no white gap is left: common practice.
 * ```
 *   printed  +--------+      whole  +------+     partial  +--+
 *            |        |--           |      |              |  |~   cut beyond the meeting by a margin
 *            +--------+             +------+              +--+
 * ```
 * @param where it is met by what it is covered from; undefined for a mask that covers all of it
 */
export function cutMask(print: MaskedPrint, habits: MaskHabits, where?: Outline): Mask {
  const { whole, leftOut } = wholeMask(print, habits);
  if (!where) return masked(whole, leftOut, false);
  const around = boxesRound(where, habits);
  const part = intersectOutlines(whole, around);
  return areaOfOutline(part) < worthPartial * areaOfOutline(whole)
    ? masked(part, intersectOutlines(leftOut, around), true)
    : masked(whole, leftOut, false);
}

/** How long the line of a whole mask is, in ticks. */
export function wholeCutLength(print: MaskedPrint, habits: MaskHabits): number {
  return lengthOfLines(wholeMask(print, habits).whole);
}

/** What a mask is cut from. */
type MaskedPrint = Pick<Print, 'body' | 'shape'>;

/** Whether a mask covers anything of where prints meet, or all of it is too spindly to be cut. */
export function masksAnyOf(print: MaskedPrint, habits: MaskHabits, where: Outline): boolean {
  return intersectOutlines(wholeMask(print, habits).whole, where).length > 0;
}

function masked(cut: Outline, leftOut: Outline, isPartial: boolean): Mask {
  const cutLength = lengthOfLines(cut);
  return { cut, leftOut, isPartial, cutLength, minutes: minutesOf(cutLength) };
}

/** Round each place where prints meet, a margin beyond it: cut straight, as one cuts paper. */
function boxesRound(where: Outline, { margin }: MaskHabits): Outline {
  return uniteOutlines(
    where.map((line) => {
      const { x0, y0, x1, y1 } = boundsOf([line]);
      const [x, y] = [x0 - margin, y0 - margin];
      return [corners({ x, y, width: x1 + margin - x, height: y1 + margin - y })];
    }),
  );
}

interface WholeMask {
  /** What of the print is wide enough to be cut, its outline drawn in. */
  readonly whole: Outline;
  /** What of it is not. */
  readonly leftOut: Outline;
}

interface KnownMask extends WholeMask {
  /** Where it lies. */
  readonly x: number;
  readonly y: number;
}

/** The whole mask of each shape where it was first met, or of each outline, by how it is cut. */
const kept = new WeakMap<object, Map<string, KnownMask>>();

function wholeMask({ body, shape }: MaskedPrint, habits: MaskHabits): WholeMask {
  const { of, as, x, y } = shape ?? { of: body, as: '', x: 0, y: 0 };
  const own = kept.get(of) ?? new Map<string, KnownMask>();
  kept.set(of, own);
  const key = `${habits.inset} ${habits.spindly} ${as}`;
  const before = own.get(key);
  if (!before) {
    const made = makeWhole(body, habits);
    own.set(key, { ...made, x, y });
    return made;
  }
  const [dx, dy] = [x - before.x, y - before.y];
  if (dx === 0 && dy === 0) return before;
  return {
    whole: shiftedBy(before.whole, dx, dy),
    leftOut: shiftedBy(before.leftOut, dx, dy),
  };
}

/**
 * What a disc as wide as the least width cannot be moved about in is left out, where it reaches further than that width:
 * corners that the disc does not come into stay sharp, as a blade cuts them.
 * ```
 *   inside  +------+             open  .------.         whole  +------+
 *           |      |========           |      |                |      |
 *           +------+                   '------'                +------+   the pole is left out, the corners are not
 * ```
 */
function makeWhole(body: Outline, { inset, spindly }: MaskHabits): WholeMask {
  const { inside, open } = shrinkAndOpen(simplified(body), inset, spindly, chordError);
  const missing = spindly > 0 ? subtractOutlines(inside, open) : [];
  if (missing.length === 0) return { whole: inside, leftOut: [] };
  const leftOut = reachingBeyond(missing, open, spindly);
  return { whole: leftOut.length > 0 ? subtractOutlines(inside, leftOut) : inside, leftOut };
}

/** Lines that reach further from an outline than so far; one no larger than that is told by its first point. */
function reachingBeyond(lines: Outline, from: Outline, far: number): Outline {
  const boxes = from.map((line) => boundsOf([line]));
  return lines.filter((line) => {
    const box = boundsOf([line]);
    // Only lines that come near can be near to a point of it.
    const around = from.filter((_, at) => boxGap(box, boxes[at] ?? box) <= far);
    const isSmall = box.x1 - box.x0 + box.y1 - box.y0 <= far;
    return (isSmall ? line.slice(0, 1) : line).some(
      (point) => !isNearLines(point, around, far) && !contains(around, point),
    );
  });
}

/** A mask takes 3 to 10 minutes: common practice. A long line counts by its length: 8 cm a minute, from memory. */
const quickest = 3;
const slowest = 10;
const ticksAMinute = 80 * 16_000;

function minutesOf(cutLength: number): number {
  return Math.min(slowest, Math.round(quickest + cutLength / ticksAMinute));
}
