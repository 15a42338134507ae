import { enclosedBy } from '../../arrangement/enclosedBy';
import { flattenWays, type Point } from '../../geometry/flattenPath';
import type { Length } from '../../length/length';
import { contains } from '../../outline/distance';
import type { Outline } from '../../outline/outline';
import type { Stamp } from '../../plan/libraryItem';

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

/** The areas a part picked by points lies on, as one path in the units of the drawing; empty where none is met. */
export function partPath(stamp: Stamp, gap: Length, at: readonly Point[]): string {
  return stampAreas(stamp, gap)
    .filter((area) => at.some((point) => contains(area, point)))
    .flat()
    .map((ring) => `M${ring.map(({ x, y }) => `${short(x)} ${short(y)}`).join('L')}Z`)
    .join('');
}

/** To the hundredth of a unit. */
const short = (units: number) => Math.round(units * 100) / 100;

/** A point well within an area: in the middle of the widest stretch across the height where it has most. */
export function pointWithin(area: Outline): Point {
  const ys = area.flat().map(({ y }) => y);
  const [top, bottom] = [Math.min(...ys), Math.max(...ys)];
  let best: { readonly point: Point; readonly wide: number } | undefined;
  for (let step = 1; step < rows; step++) {
    const y = top + ((bottom - top) * (step + 0.5)) / (rows + 1);
    const across = crossings(area, y);
    for (let index = 0; index + 1 < across.length; index += 2) {
      const [from = 0, to = 0] = [across[index], across[index + 1]];
      if (!best || to - from > best.wide)
        best = { point: { x: (from + to) / 2, y }, wide: to - from };
    }
  }
  return best?.point ?? area[0]?.[0] ?? { x: 0, y: 0 };
}

/** Heights at which a point within is looked for. */
const rows = 24;

/** Where the lines of an area pass a height, from left to right. */
function crossings(area: Outline, y: number): readonly number[] {
  return area
    .flatMap((ring) =>
      ring.flatMap((b, index) => {
        const a = ring.at(index - 1) ?? b;
        if (a.y > y === b.y > y) return [];
        return [a.x + ((y - a.y) / (b.y - a.y)) * (b.x - a.x)];
      }),
    )
    .toSorted((p, q) => p - q);
}
