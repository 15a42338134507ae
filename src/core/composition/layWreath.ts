import { seeded } from '../seeded';
import type { Point } from '../geometry/flattenPath';

/** A piece to be laid in a ring, by its size in ticks. */
export interface WreathPiece {
  readonly key: string;
  readonly width: number;
  readonly height: number;
}

export interface WreathInput {
  /** What stays free in the middle, in ticks on the face. */
  readonly around: {
    readonly x: number;
    readonly y: number;
    readonly width: number;
    readonly height: number;
  };
  readonly path: 'oval' | 'rectangle';
  /** What is laid on, in ticks on the face: the ring keeps within it, and stands or lies as it does. */
  readonly area?: WreathInput['around'];
  /** Between the middle and the nearest piece. */
  readonly clearance: number;
  /** The large ones are laid evenly first, then the medium ones, then the small ones in the gaps. */
  readonly tiers: readonly (readonly WreathPiece[])[];
  readonly seed: number;
}

/** Where the middle of a piece lies, and how it is turned. */
export interface WreathPlace {
  readonly key: string;
  readonly middle: Point;
  /** Degrees clockwise, to the whole degree. */
  readonly turn: number;
}

/** How far a piece leans from the ring, at most, in degrees; a little looks laid, not printed. */
const lean = 14;

/**
 * Lays pieces in an even ring round a free middle. The first tier is spread evenly by arc length, starting
 * at the top; each further tier is shared out over the gaps, the widest gap first, evenly within each. Tops
 * of pieces point outward, leaning a little by the seed.
 */
export function layWreath(input: WreathInput): readonly WreathPlace[] {
  const random = seeded(input.seed);
  const widest = Math.max(
    0,
    ...input.tiers.flat().map(({ width, height }) => Math.hypot(width, height)),
  );
  const ring = ringAround(input, widest / 2);
  const total = ring.at(-1)?.along ?? 0;
  if (total === 0) return [];
  const laid: { readonly along: number; readonly piece: WreathPiece }[] = [];
  for (const tier of input.tiers) {
    const shares = laid.length === 0 ? [tier] : shareOut(tier, laid, total);
    const starts = laid.length === 0 ? [{ from: 0, length: total }] : gapsOf(laid, total);
    const added = shares.flatMap((share, index) => {
      const gap = starts[index];
      if (!gap) return [];
      // A whole ring has no ends, so its first piece lies at the start itself.
      const step = gap.length / (laid.length === 0 ? share.length : share.length + 1);
      return share.map((piece, at) => ({
        piece,
        along: (gap.from + step * (laid.length === 0 ? at : at + 1)) % total,
      }));
    });
    laid.push(...added);
    laid.sort((a, b) => a.along - b.along);
  }
  const middle = {
    x: input.around.x + input.around.width / 2,
    y: input.around.y + input.around.height / 2,
  };
  return laid.map(({ along, piece }) => {
    const at = pointAt(ring, along);
    const outward = (Math.atan2(at.y - middle.y, at.x - middle.x) * 180) / Math.PI + 90;
    const turn = Math.round(outward + (random() * 2 - 1) * lean);
    return { key: piece.key, middle: at, turn: ((turn + 540) % 360) - 180 };
  });
}

interface RingPoint extends Point {
  /** From the top, clockwise. */
  readonly along: number;
}

const ringPoints = 720;

/** The line on which middles lie: far enough out that nothing reaches into the middle. */
function ringAround(input: WreathInput, reach: number): readonly RingPoint[] {
  const { around, path } = input;
  const [cx, cy] = [around.x + around.width / 2, around.y + around.height / 2];
  const { rx, ry } = radii(input, reach);
  const points = Array.from({ length: ringPoints + 1 }, (_, index): Point => {
    const angle = (index / ringPoints) * 2 * Math.PI - Math.PI / 2;
    const [cos, sin] = [Math.cos(angle), Math.sin(angle)];
    // A rectangle is followed by stretching the circle until it meets a side.
    const stretch = path === 'oval' ? 1 : 1 / Math.max(Math.abs(cos), Math.abs(sin));
    return { x: cx + rx * cos * stretch, y: cy + ry * sin * stretch };
  });
  let along = 0;
  return points.map((point, index) => {
    const before = points[index - 1];
    if (before) along += Math.hypot(point.x - before.x, point.y - before.y);
    return { ...point, along };
  });
}

/** As small as leaves the middle free, as far as the paper goes; an upright paper gets no lying ring, nor the other way. */
function radii({ around, area, path, clearance }: WreathInput, reach: number) {
  const grow = path === 'oval' ? Math.SQRT2 : 1;
  const rx = (around.width / 2) * grow + clearance + reach;
  const ry = (around.height / 2) * grow + clearance + reach;
  if (!area) return { rx, ry };
  const [cx, cy] = [around.x + around.width / 2, around.y + around.height / 2];
  const room = {
    rx: Math.max(0, Math.min(cx - area.x, area.x + area.width - cx) - reach),
    ry: Math.max(0, Math.min(cy - area.y, area.y + area.height - cy) - reach),
  };
  const isUpright = area.height > area.width;
  const slope = area.height / area.width;
  return {
    rx: Math.min(room.rx, isUpright ? rx : Math.max(rx, ry / slope)),
    ry: Math.min(room.ry, isUpright ? Math.max(ry, Math.min(rx, room.rx) * slope) : ry),
  };
}

function pointAt(ring: readonly RingPoint[], along: number): Point {
  const next = Math.max(
    1,
    ring.findIndex((point) => point.along >= along),
  );
  const [a, b] = [ring[next - 1], ring[next]];
  if (!a || !b) throw new RangeError(`layWreath: expected a point at ${along}`);
  const part = b.along === a.along ? 0 : (along - a.along) / (b.along - a.along);
  return { x: a.x + (b.x - a.x) * part, y: a.y + (b.y - a.y) * part };
}

type Laid = readonly { readonly along: number; readonly piece: WreathPiece }[];

function gapsOf(laid: Laid, total: number) {
  return laid.map(({ along }, index) => {
    const next = laid[(index + 1) % laid.length]?.along ?? along;
    const length = (next - along + total) % total || total;
    return { from: along, length };
  });
}

/** Shares a tier out over the gaps: each piece in turn to the gap with the most room to a piece. */
function shareOut(
  tier: readonly WreathPiece[],
  laid: Laid,
  total: number,
): readonly (readonly WreathPiece[])[] {
  const gaps = gapsOf(laid, total);
  const shares = gaps.map((): WreathPiece[] => []);
  for (const piece of tier) {
    const roomOf = (index: number) =>
      (gaps[index]?.length ?? 0) / ((shares[index]?.length ?? 0) + 1);
    let best = 0;
    // A gap must be wider by more than a rounding to go before an earlier one.
    for (let index = 1; index < gaps.length; index += 1)
      if (roomOf(index) > roomOf(best) * (1 + 1e-9)) best = index;
    shares[best]?.push(piece);
  }
  return shares;
}
