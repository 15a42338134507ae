import { boundsOf, corners, shiftedBy, type Outline } from '../outline/outline';
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
  const known = wholeMask(print, habits);
  const { whole } = known;
  if (!where) return masked(whole, spindlyParts(known), false);
  const around = boxesRound(where, habits);
  const part = intersectOutlines(whole, around);
  return areaOfOutline(part) < worthPartial * areaOfOutline(whole)
    ? masked(part, intersectOutlines(spindlyParts(known), around), true)
    : masked(whole, spindlyParts(known), false);
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
  /** The print's outline drawn in. */
  readonly inside: Outline;
  /** What of it is wide enough to be cut. */
  readonly whole: Outline;
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
    inside: shiftedBy(before.inside, dx, dy),
    whole: shiftedBy(before.whole, dx, dy),
  };
}

function makeWhole(body: Outline, { inset, spindly }: MaskHabits): WholeMask {
  const { inside, open } = shrinkAndOpen(simplified(body), inset, spindly, chordError / 2);
  return { inside, whole: simplified(open) };
}

/** What of a mask's line is narrower than can be cut. */
function spindlyParts({ inside, whole }: WholeMask): Outline {
  return subtractOutlines(inside, whole).filter(
    (line) => areaOfOutline([line]) > lengthOfLines([line]) * leastLeftOut,
  );
}

/** Ticks: slivers along rounded corners, about twice as narrow as this, are not worth a word. */
const leastLeftOut = 1600;

/** A mask takes 3 to 10 minutes: common practice. A long line counts by its length: 8 cm a minute, from memory. */
const quickest = 3;
const slowest = 10;
const ticksAMinute = 80 * 16_000;

function minutesOf(cutLength: number): number {
  return Math.min(slowest, Math.round(quickest + cutLength / ticksAMinute));
}
