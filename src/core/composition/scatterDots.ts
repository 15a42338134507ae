import { seeded } from '../seeded';
import { nearestBetween } from '../outline/distance';
import type { Point } from '../geometry/flattenPath';
import { boundsOf, type Outline } from '../outline/outline';

/** Dots of one size: how many, and how wide in ticks. */
export interface DotSize {
  readonly diameter: number;
  readonly count: number;
}

export interface ScatterInput {
  /** Where they fall, in ticks on the face. */
  readonly area: {
    readonly x: number;
    readonly y: number;
    readonly width: number;
    readonly height: number;
  };
  readonly sizes: readonly DotSize[];
  /** The side where they lie denser; `even` for nowhere. */
  readonly denserAt: 'top' | 'bottom' | 'left' | 'right' | 'even';
  /** What stays free of them, such as words and faces. */
  readonly keepOff: readonly Outline[];
  /** From a dot to what is kept free, and from dot to dot. */
  readonly distance: number;
  readonly seed: number;
}

export interface ScatteredDot {
  readonly middle: Point;
  readonly diameter: number;
}

export interface Scattered {
  readonly dots: readonly ScatteredDot[];
  /** Of each size, in the order of the sizes, how many found no place. */
  readonly left: readonly number[];
}

/** Throws for a dot before it is given up. */
const throws = 60;

/**
 * Scatters dots as snow or splatter falls: the largest first, each where a throw of the dice finds room, so
 * much off what is kept free and off the other dots. The same seed gives the same dots.
 */
export function scatterDots(input: ScatterInput): Scattered {
  const { area, sizes, keepOff, distance } = input;
  const random = seeded(input.seed);
  const dots: ScatteredDot[] = [];
  const left = sizes.map(() => 0);
  const order = sizes
    .map((size, index) => ({ ...size, index }))
    .toSorted((a, b) => b.diameter - a.diameter);
  const bounds = keepOff.map((outline) => boundsOf(outline));
  const isFree = (middle: Point, radius: number) => {
    const isOff = dots.every(
      (dot) =>
        Math.hypot(dot.middle.x - middle.x, dot.middle.y - middle.y) >=
        dot.diameter / 2 + radius + distance,
    );
    return (
      isOff &&
      keepOff.every((outline, index) => {
        const box = bounds[index];
        const room = radius + distance;
        if (
          box &&
          (middle.x < box.x0 - room ||
            middle.x > box.x1 + room ||
            middle.y < box.y0 - room ||
            middle.y > box.y1 + room)
        )
          return true;
        return nearestBetween([[middle, middle, middle]], outline).distance >= room;
      })
    );
  };
  for (const { diameter, count, index } of order)
    for (let dot = 0; dot < count; dot += 1) {
      const radius = diameter / 2;
      const found = throwDot(area, radius, input.denserAt, random, (middle) =>
        isFree(middle, radius),
      );
      if (found) dots.push({ middle: found, diameter });
      else left[index] = (left[index] ?? 0) + 1;
    }
  return { dots, left };
}

function throwDot(
  area: ScatterInput['area'],
  radius: number,
  denserAt: ScatterInput['denserAt'],
  random: () => number,
  isFree: (middle: Point) => boolean,
): Point | undefined {
  const [across, down] = [area.width - 2 * radius, area.height - 2 * radius];
  if (across < 0 || down < 0) return undefined;
  for (let attempt = 0; attempt < throws; attempt += 1) {
    const [u, v] = [random(), random()];
    const middle = {
      x: Math.round(area.x + radius + across * along(u, denserAt, 'left', 'right')),
      y: Math.round(area.y + radius + down * along(v, denserAt, 'top', 'bottom')),
    };
    if (isFree(middle)) return middle;
  }
  return undefined;
}

/** The square of a throw lies twice as often in its first quarter as an even one. */
function along(
  thrown: number,
  denserAt: ScatterInput['denserAt'],
  near: ScatterInput['denserAt'],
  far: ScatterInput['denserAt'],
): number {
  if (denserAt === near) return thrown * thrown;
  return denserAt === far ? 1 - thrown * thrown : thrown;
}
