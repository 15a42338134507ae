import type { Polygon } from '../geometry/flattenPath';
import {
  lengthFromTicks,
  millimetres,
  sumLengths,
  zeroLength,
  type Length,
  type Size,
} from '../length/length';

/** What a card is put in that is made for it: flat, or with walls as high as the card. */
export const mailerKinds = ['envelope', 'box'] as const;
export type MailerKind = (typeof mailerKinds)[number];

/** The flat piece an envelope or a box is folded from, in ticks from its top left corner. */
export interface MailerBlank {
  readonly kind: MailerKind;
  readonly size: Size;
  /** The line it is cut along. */
  readonly cut: Polygon;
  /** The lines it is folded along, each from end to end. */
  readonly scores: readonly Polygon[];
  /** Its front, once it is folded. */
  readonly front: Size;
  /** Its front on the blank, from the left and from the top. */
  readonly frontAt: { readonly x: Length; readonly y: Length };
  /** How high its walls are; zero for an envelope. */
  readonly depth: Length;
}

/** So wide are the flaps that are glued, and so far their corners are cut in; from memory. */
const glueFlap = millimetres(16);
const cutIn = millimetres(4);
/** The back is narrower at each side, so that it covers no edge. */
const narrower = millimetres(1);
/** The closing flap and the back overlap: so much of the height of the front each; common practice. */
const flapShare = 0.4;
const backShare = 0.8;

/**
 * The blank of an envelope, or of a box whose walls are so high. Front and back lie one under the other; the back is
 * folded up and glued onto the flaps at the sides, the closing flap is folded down over it.
 * ```
 *          /‾‾‾‾‾‾‾‾‾‾\           closing flap
 *         /╌╌╌╌╌╌╌╌╌╌╌╌\
 *       /╎              ╎\        (of a box, every fold is a wall between two scores)
 *  glue ╎      front     ╎ glue
 *       \╎              ╎/
 *         ╌╌╌╌╌╌╌╌╌╌╌╌╌╌
 *         |    back    |
 *         +------------+
 * ```
 * @param front its inside, both ways
 */
export function mailerBlank(kind: MailerKind, front: Size, depth: Length): MailerBlank {
  const wall = kind === 'box' ? depth : zeroLength;
  const { width, height } = front;
  const flap = lengthFromTicks(Math.round(height * flapShare));
  const left = sumLengths(glueFlap, wall);
  const right = left + width;
  const [flapEnd, frontTop] = [flap, sumLengths(flap, wall)];
  const frontEnd = frontTop + height;
  const backTop = frontEnd + wall;
  const bottom = backTop + Math.round(height * backShare);
  const outer = right + wall + glueFlap;
  const fold = (x0: number, y0: number, x1: number, y1: number): Polygon => [
    { x: x0, y: y0 },
    { x: x1, y: y1 },
  ];
  // Without walls two folds fall together.
  const across = [...new Set([flapEnd, frontTop, frontEnd, backTop])];
  const upright = [...new Set([left - wall, left, right, right + wall])];
  return {
    kind,
    size: { width: lengthFromTicks(outer), height: lengthFromTicks(bottom) },
    front,
    frontAt: { x: left, y: frontTop },
    depth: wall,
    scores: [
      ...across.map((y) => fold(left, y, right, y)),
      ...upright.map((x) => fold(x, frontTop, x, frontEnd)),
    ],
    cut: withoutRepeats([
      { x: left + 2 * cutIn, y: 0 },
      { x: right - 2 * cutIn, y: 0 },
      { x: right, y: flapEnd },
      { x: right, y: frontTop },
      { x: right + wall, y: frontTop },
      { x: outer, y: frontTop + cutIn },
      { x: outer, y: frontEnd - cutIn },
      { x: right + wall, y: frontEnd },
      { x: right, y: frontEnd },
      { x: right, y: backTop },
      { x: right - narrower, y: backTop },
      { x: right - narrower, y: bottom },
      { x: left + narrower, y: bottom },
      { x: left + narrower, y: backTop },
      { x: left, y: backTop },
      { x: left, y: frontEnd },
      { x: left - wall, y: frontEnd },
      { x: 0, y: frontEnd - cutIn },
      { x: 0, y: frontTop + cutIn },
      { x: left - wall, y: frontTop },
      { x: left, y: frontTop },
      { x: left, y: flapEnd },
    ]),
  };
}

/** Where there are no walls, their corners fall together. */
function withoutRepeats(polygon: Polygon): Polygon {
  return polygon.filter(({ x, y }, at) => {
    const before = polygon[(at + polygon.length - 1) % polygon.length];
    return before?.x !== x || before.y !== y;
  });
}

/** The inside of what is made for a card: a flat envelope goes round its height both ways, a box stands as high. */
export function mailerFront(
  kind: MailerKind,
  card: { readonly long: Length; readonly short: Length; readonly height: Length },
  room: Length,
): Size {
  const swell = kind === 'box' ? zeroLength : card.height;
  return {
    width: sumLengths(card.long, swell, room),
    height: sumLengths(card.short, swell, room),
  };
}

/** A wall is so much higher than what it goes round; from memory. */
const wallPlay = millimetres(0.5);

/** How high the walls of a box are round so high a card. */
export const wallOf = (height: Length): Length => sumLengths(height, wallPlay);
