import { boundsOf, type Outline } from '../outline/outline';
import {
  areaOfOutline,
  growOutline,
  intersectOutlines,
  lengthOfLines,
  simplified,
  subtractOutlines,
  uniteOutlines,
} from '../outline/polygons';

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
 * @param body what the print claims of its paper
 * @param where it is met by what it is covered from; undefined for a mask that covers all of it
 */
export function cutMask(body: Outline, habits: MaskHabits, where?: Outline): Mask {
  const { whole, leftOut } = wholeMask(body, habits);
  const part = where && partOf(whole, where, habits);
  const isPartial = part !== undefined && part.length > 0;
  const cut = isPartial ? part : whole;
  const cutLength = lengthOfLines(cut);
  const missing = where ? intersectOutlines(leftOut, growOutline(where, habits.margin)) : leftOut;
  return {
    cut,
    leftOut: isPartial ? missing : leftOut,
    isPartial,
    cutLength,
    minutes: minutesOf(cutLength),
  };
}

/** The part of a mask that covers where prints meet, where that is much smaller than all of it. */
function partOf(whole: Outline, where: Outline, { margin }: MaskHabits): Outline | undefined {
  const around = growOutline(where, margin);
  // Cut straight, as one cuts paper: not along the meeting but round a box of it.
  const met = intersectOutlines(whole, uniteOutlines(around.map((line) => [boxed(line)])));
  return areaOfOutline(met) < worthPartial * areaOfOutline(whole) ? met : undefined;
}

function boxed(line: Outline[number]): Outline[number] {
  const { x0, y0, x1, y1 } = boundsOf([line]);
  return [
    { x: x0, y: y0 },
    { x: x1, y: y0 },
    { x: x1, y: y1 },
    { x: x0, y: y1 },
  ];
}

interface WholeMask {
  readonly whole: Outline;
  readonly leftOut: Outline;
}

/** The whole mask of each outline, which stays the same object where nothing moved, by the habits. */
const known = new WeakMap<Outline, Map<string, WholeMask>>();

function wholeMask(body: Outline, { inset, spindly }: MaskHabits): WholeMask {
  const own = known.get(body) ?? new Map<string, WholeMask>();
  known.set(body, own);
  const key = `${inset} ${spindly}`;
  const before = own.get(key);
  if (before) return before;
  const inside = growOutline(body, -inset);
  // What a disc of that width cannot be moved about in is too spindly.
  const core = growOutline(inside, -spindly / 2);
  const whole =
    spindly > 0 ? simplified(intersectOutlines(growOutline(core, spindly / 2), inside)) : inside;
  const leftOut = growOutline(
    growOutline(subtractOutlines(inside, whole), -leastLeftOut),
    leastLeftOut,
  );
  const made = { whole, leftOut };
  own.set(key, made);
  return made;
}

/** Ticks: slivers along rounded corners, narrower than twice this, are not worth a word. */
const leastLeftOut = 1600;

/** A mask takes 3 to 10 minutes: common practice. A long line counts by its length: 8 cm a minute, from memory. */
const quickest = 3;
const slowest = 10;
const ticksAMinute = 80 * 16_000;

function minutesOf(cutLength: number): number {
  return Math.min(slowest, Math.round(quickest + cutLength / ticksAMinute));
}
