import type { Point, Polygon } from '../geometry/flattenPath';
import { signedArea } from './outline';

/**
 * What of a polygon lies inside a convex one, wound either way; empty where nothing does. Parts that fall apart stay
 * joined along the edge. Sutherland and Hodgman, 'Reentrant polygon clipping', 1974.
 */
export function clipToConvex(polygon: Polygon, convex: Polygon): Polygon {
  const turn = Math.sign(signedArea(convex));
  let kept: Polygon = polygon;
  convex.forEach((from, index) => {
    const to = convex[(index + 1) % convex.length] ?? from;
    const inside = (p: Point) =>
      turn * ((to.x - from.x) * (p.y - from.y) - (to.y - from.y) * (p.x - from.x));
    kept = kept.flatMap((point, at): readonly Point[] => {
      const before = kept[(at + kept.length - 1) % kept.length] ?? point;
      const [a, b] = [inside(before), inside(point)];
      const crossing = a < 0 === b < 0 ? [] : [between(before, point, a / (a - b))];
      return b >= 0 ? [...crossing, point] : crossing;
    });
  });
  return kept;
}

/** Whether every corner of a polygon turns the same way. */
export function isConvex(polygon: Polygon): boolean {
  const signs = new Set(
    polygon.map((b, at) => {
      const a = polygon[(at + polygon.length - 1) % polygon.length] ?? b;
      const c = polygon[(at + 1) % polygon.length] ?? b;
      return Math.sign((b.x - a.x) * (c.y - b.y) - (b.y - a.y) * (c.x - b.x));
    }),
  );
  signs.delete(0);
  return signs.size <= 1;
}

const between = (a: Point, b: Point, part: number): Point => ({
  x: Math.round(a.x + (b.x - a.x) * part),
  y: Math.round(a.y + (b.y - a.y) * part),
});
