import { TICKS_PER_MILLIMETRE } from '../length/length';
import type { Rect } from '../outline/outline';
import { seeded } from '../seeded';
import type { Paint } from './paint';
import type { Stroke } from './stroke';

/** A path of drops is written in hundredths of a millimetre. */
const unitsPerTick = 100 / TICKS_PER_MILLIMETRE;

/** A round drop, in units of the path. */
interface Drop {
  readonly x: number;
  readonly y: number;
  readonly radius: number;
}

/**
 * Drops scattered over a field by a seed, many small ones and few large, as one stroke.
 * @param radius of the smallest and the largest, in ticks
 */
export function dropStrokes(
  rect: Rect,
  count: number,
  radius: readonly [smallest: number, largest: number],
  seed: number,
  paint: Paint | undefined,
): readonly Stroke[] {
  const box = { width: rect.width * unitsPerTick, height: rect.height * unitsPerTick };
  const [smallest, largest] = radius.map((ticks) => ticks * unitsPerTick) as [number, number];
  const next = seeded(seed);
  const path = Array.from({ length: count }, () =>
    circle({
      x: next() * box.width,
      y: next() * box.height,
      radius: smallest + (largest - smallest) * next() ** 3,
    }),
  ).join('');
  return paint && path !== '' ? [{ kind: 'path', path, box, paint, lineWidth: 0, at: rect }] : [];
}

function circle({ x, y, radius }: Drop): string {
  const [left, level, r] = [x - radius, y, radius].map(Math.round);
  if (r === undefined || r === 0) return '';
  return `M${left} ${level}a${r} ${r} 0 1 0 ${2 * r} 0a${r} ${r} 0 1 0 ${-2 * r} 0Z`;
}
