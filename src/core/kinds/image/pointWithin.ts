import type { Point } from '../../geometry/flattenPath';
import type { Outline } from '../../outline/outline';

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
