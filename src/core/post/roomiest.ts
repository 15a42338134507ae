import type { Point } from '../geometry/flattenPath';
import { boundsOf, type Outline } from '../outline/outline';

/** A point with room round it, and how far the next edge is from there. */
export interface RoomyPoint {
  readonly label: Point;
  readonly room: number;
}

/** Points looked at along each side of the box; a figure needs no better place than that. */
const steps = 24;

/** Where within an outline the next edge is furthest, of points on a grid over its box. */
export function roomiest(outline: Outline): RoomyPoint {
  const { x0, y0, x1, y1 } = boundsOf(outline);
  let best = { label: { x: x0, y: y0 }, room: 0 };
  for (let row = 0; row < steps; row++)
    for (let column = 0; column < steps; column++) {
      const label = {
        x: x0 + ((column + 0.5) * (x1 - x0)) / steps,
        y: y0 + ((row + 0.5) * (y1 - y0)) / steps,
      };
      const room = roomAt(outline, label);
      if (room > best.room) best = { label, room };
    }
  return best;
}

/** How far the next edge is; zero outside. */
function roomAt(outline: Outline, { x, y }: Point): number {
  let isInside = false;
  let least = Infinity;
  for (const polygon of outline)
    for (let at = 0; at < polygon.length; at++) {
      const [a, b] = [polygon[at], polygon[(at + 1) % polygon.length]];
      if (!a || !b) continue;
      if (a.y > y !== b.y > y && x < a.x + ((y - a.y) / (b.y - a.y)) * (b.x - a.x))
        isInside = !isInside;
      least = Math.min(least, distanceToEdge(a, b, x, y));
    }
  return isInside ? least : 0;
}

function distanceToEdge(a: Point, b: Point, x: number, y: number): number {
  const [dx, dy] = [b.x - a.x, b.y - a.y];
  const along = ((x - a.x) * dx + (y - a.y) * dy) / (dx * dx + dy * dy || 1);
  const share = Math.max(0, Math.min(1, along));
  return Math.hypot(x - a.x - share * dx, y - a.y - share * dy);
}
