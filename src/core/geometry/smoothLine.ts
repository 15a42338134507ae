import type { Point, Polygon } from './flattenPath';

/** How many chords a smooth line has between two of its points. */
const chords = 16;

/** A smooth line through points, as chords on whole ticks: Catmull and Rom 1974, by their cubic through four points. */
export function smoothLine(points: readonly Point[]): Polygon {
  return points.flatMap((from, at): readonly Point[] => {
    const to = points[at + 1];
    if (!to) return [{ x: Math.round(from.x), y: Math.round(from.y) }];
    const before = points[at - 1] ?? from;
    const after = points[at + 2] ?? to;
    return Array.from({ length: chords }, (_, step) =>
      between(before, from, to, after, step / chords),
    );
  });
}

function between(a: Point, b: Point, c: Point, d: Point, t: number): Point {
  const along = (p: number, q: number, r: number, s: number) =>
    Math.round(q + (t / 2) * (r - p + t * (2 * p - 5 * q + 4 * r - s + t * (3 * (q - r) + s - p))));
  return { x: along(a.x, b.x, c.x, d.x), y: along(a.y, b.y, c.y, d.y) };
}
