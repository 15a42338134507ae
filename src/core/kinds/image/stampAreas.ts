import { enclosedBy } from '../../arrangement/enclosedBy';
import { flattenWays, type Point } from '../../geometry/flattenPath';
import { inches, millimetres, type Length } from '../../length/length';
import { contains } from '../../outline/distance';
import type { Outline } from '../../outline/outline';
import type { Stamp } from '../../plan/libraryItem';

/** So wide a gap is closed to begin with, in the leading unit; from memory. */
export const usualGap = { in: inches(0, 1, 32), mm: millimetres(1) } as const;

/** The areas of stamps by how wide a gap is closed; a stamp never changes. */
const known = new WeakMap<Stamp, Map<Length, readonly Outline[]>>();

/**
 * The areas the lines of a stamp enclose, in the units of its drawing, row by row from the top left; none where it prints
 * no lines.
 * @param gap of the print at its true size, that is taken as closed
 */
export function stampAreas(stamp: Stamp, gap: Length): readonly Outline[] {
  const byGap = known.get(stamp) ?? new Map<Length, readonly Outline[]>();
  known.set(stamp, byGap);
  const before = byGap.get(gap);
  if (before) return before;
  const ways = stamp.layers
    .filter(({ lineWidth }) => lineWidth > 0)
    .flatMap(({ path, lineWidth }) =>
      flattenWays(path).map((way) => ({ ...way, halfWidth: lineWidth / 2 })),
    );
  const areas = enclosedBy(ways, (gap * stamp.shape.box.width) / stamp.width.ticks);
  byGap.set(gap, areas);
  return areas;
}

/** The areas a part picked by points lies on, in the units of the drawing; empty where none is met. */
export function partOutline(stamp: Stamp, gap: Length, at: readonly Point[]): Outline {
  return stampAreas(stamp, gap)
    .filter((area) => at.some((point) => contains(area, point)))
    .flat();
}

/** The same as one path. */
export function partPath(stamp: Stamp, gap: Length, at: readonly Point[]): string {
  return areaPath(partOutline(stamp, gap, at));
}

/** An area in the units of a drawing as a path. */
export function areaPath(area: Outline): string {
  return area
    .map((ring) => `M${ring.map(({ x, y }) => `${short(x)} ${short(y)}`).join('L')}Z`)
    .join('');
}

/** To the hundredth of a unit. */
const short = (units: number) => Math.round(units * 100) / 100;
