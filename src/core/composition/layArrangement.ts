import type { Point } from '../geometry/flattenPath';
import { seeded } from '../seeded';
import type { WreathPiece, WreathPlace } from './layWreath';

/** A box in ticks on the face. */
export interface Area {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

export interface ArrangementInput {
  /** What is laid on. */
  readonly area: Area;
  /** What stays free: the words, or a middle. */
  readonly around: Area;
  /** The large ones first. */
  readonly pieces: readonly WreathPiece[];
  /** Kept between what stays free and the pieces, and to the edges. */
  readonly clearance: number;
  readonly seed: number;
}

/** Ways to lay pieces; all give each piece once, in the order given. */
export type ArrangementWay = (input: ArrangementInput) => readonly WreathPlace[];

/** How far a piece leans at most, in degrees. */
const lean = 8;

/**
 * An arch over what stays free, standing on its foot: the large pieces at the sides, so that it is taller
 * there, the small ones at the top. The gaps along the arch are equal; negative where there is too little room.
 * ```
 *      . o .
 *    o       o
 *   O  words  O
 * ```
 */
export const layArch: ArrangementWay = ({ around, pieces, clearance, seed }) => {
  const random = seeded(seed);
  const reach = Math.max(0, ...pieces.map(reachOf));
  const foot = { x: around.x + around.width / 2, y: around.y + around.height };
  const rx = around.width / 2 + clearance + reach / 2;
  const ry = around.height + clearance + reach / 2;
  const arch = Array.from({ length: archPoints + 1 }, (_, index): Point => {
    const angle = Math.PI * (1 + index / archPoints);
    // Squarer than an ellipse, which would cut the corners of the words.
    return { x: foot.x + rx * squarer(Math.cos(angle)), y: foot.y + ry * squarer(Math.sin(angle)) };
  });
  const order = outsideIn(pieces);
  const ends = lengthsAlong(arch);
  const total = ends.at(-1) ?? 0;
  const filled = order.reduce((sum, piece) => sum + reachOf(piece), 0);
  const gap = order.length > 1 ? (total - filled) / (order.length - 1) : 0;
  let at = order.length > 1 ? 0 : (total - filled) / 2;
  const laid = order.map((piece): WreathPlace => {
    const middle = pointAlong(arch, ends, at + reachOf(piece) / 2);
    at += reachOf(piece) + gap;
    const outward = (Math.atan2(middle.y - foot.y, middle.x - foot.x) * 180) / Math.PI + 90;
    return { key: piece.key, middle, turn: turnWithin(outward + leaning(random)) };
  });
  return laid;
};

/**
 * Two branches, one at each side of what stays free, from the foot of the paper upward; left and right in turn,
 * the large pieces at the foot, each leaning outward.
 */
export const layBranches: ArrangementWay = ({ area, around, pieces, clearance, seed }) => {
  const random = seeded(seed);
  const branches = [pieces.filter((_, at) => at % 2 === 0), pieces.filter((_, at) => at % 2 === 1)];
  return branches.flatMap((branch, side) => {
    const reach = Math.max(0, ...branch.map(({ width }) => width));
    const x =
      side === 0
        ? Math.max(area.x + clearance + reach / 2, around.x - clearance - reach / 2)
        : Math.min(
            area.x + area.width - clearance - reach / 2,
            around.x + around.width + clearance + reach / 2,
          );
    return stackUp(branch, area.y + area.height - clearance, area.y + clearance).map(
      ({ piece, y }): WreathPlace => ({
        key: piece.key,
        middle: { x, y },
        turn: turnWithin((side === 0 ? -1 : 1) * (lean + leaning(random))),
      }),
    );
  });
};

/** A list down the panel: one below the other at the left margin, in even steps from margin to margin. */
export const layList: ArrangementWay = ({ area, pieces, clearance }) => {
  const widest = Math.max(0, ...pieces.map(({ width }) => width));
  return stackUp(pieces.toReversed(), area.y + area.height - clearance, area.y + clearance)
    .map(({ piece, y }): WreathPlace => {
      const middle = { x: area.x + clearance + widest / 2, y };
      return { key: piece.key, middle, turn: 0 };
    })
    .toReversed();
};

/**
 * One large in the middle and the others beside it, smaller and higher, to the left and right in turn: what
 * hangs from the top edge by strings.
 */
export const layHanging: ArrangementWay = ({ area, pieces, clearance }) => {
  const [large, ...small] = pieces;
  if (!large) return [];
  const centre = area.x + area.width / 2;
  const low = Math.min(
    area.y + area.height / 2,
    area.y + area.height - clearance - large.height / 2,
  );
  const side = (at: number) => (at % 2 === 0 ? -1 : 1);
  const columns = Math.ceil(small.length / 2);
  const step = (area.width / 2 - large.width / 2) / (columns + 1);
  return [
    { key: large.key, middle: { x: centre, y: low }, turn: 0 },
    ...small.map((piece, at): WreathPlace => {
      const column = Math.floor(at / 2) + 1;
      const x = centre + side(at) * (large.width / 2 + step * column);
      // A little lower on one side, as nobody hangs them level.
      const y = area.y + clearance + piece.height / 2 + area.height * (at % 2 === 0 ? 0.12 : 0.2);
      return { key: piece.key, middle: { x, y }, turn: 0 };
    }),
  ];
};

const archPoints = 360;
const squarer = (part: number) => Math.sign(part) * Math.sqrt(Math.abs(part));
const reachOf = ({ width, height }: WreathPiece) => Math.max(width, height);

/** The first to the left end, the second to the right end, and so on inward. */
function outsideIn(pieces: readonly WreathPiece[]): readonly WreathPiece[] {
  const left = pieces.filter((_, at) => at % 2 === 0);
  const right = pieces.filter((_, at) => at % 2 === 1);
  return [...left, ...right.toReversed()];
}

/** Pieces from a foot upward with equal gaps, so that the last ends at the top. */
function stackUp(pieces: readonly WreathPiece[], foot: number, top: number) {
  const filled = pieces.reduce((sum, { height }) => sum + height, 0);
  const gap = pieces.length > 1 ? (foot - top - filled) / (pieces.length - 1) : 0;
  let at = pieces.length > 1 ? foot : (foot + top + filled) / 2;
  return pieces.map((piece) => {
    const y = at - piece.height / 2;
    at -= piece.height + gap;
    return { piece, y };
  });
}

function lengthsAlong(points: readonly Point[]): readonly number[] {
  let along = 0;
  return points.map((point, index) => {
    const before = points[index - 1];
    if (before) along += Math.hypot(point.x - before.x, point.y - before.y);
    return along;
  });
}

function pointAlong(points: readonly Point[], ends: readonly number[], along: number): Point {
  const found = ends.findIndex((end) => end >= along);
  const point = points[found === -1 ? points.length - 1 : found];
  if (!point) throw new RangeError(`layArch: expected a point at ${along}`);
  return point;
}

const leaning = (random: () => number) => (random() * 2 - 1) * lean;

/** Whole degrees from -180 to 180. */
function turnWithin(degrees: number): number {
  return ((Math.round(degrees) + 540) % 360) - 180;
}
