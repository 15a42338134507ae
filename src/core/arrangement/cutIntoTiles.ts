import type { Point, Polygon } from '../geometry/flattenPath';
import type { Outline } from '../outline/outline';

/** The side of a tile in ticks, 16.4 mm: a card is some sixty of them. */
export const usualSide = 2 ** 18;

/** Across what lies on a plane there are no more tiles than this, whatever is typed. */
const mostAcross = 32;

/** How wide the tiles are under outlines that reach so far; twice as wide, and twice again, where they reach very far. */
export function tileSideFor(reach: number): number {
  return reach <= usualSide * mostAcross
    ? usualSide
    : 2 ** Math.ceil(Math.log2(reach / mostAcross));
}

/** What of an outline lies in each tile, by the tile's column and row, and how wide it is. */
export type Tiled = ReadonlyMap<TileKey, Outline>;
export type TileKey = `${number} ${number} ${number}`;

/** The last tiles of each outline, since that never changes. */
const known = new WeakMap<Outline, { readonly side: number; readonly tiles: Tiled }>();

/**
 * Cuts an outline along the lines of the tiles it lies in, first upright, then across. Where it passes a line it gets
 * a whole point on it, the same in both tiles; parts that fall apart within a tile stay joined along its line, which
 * encloses nothing.
 */
export function cutIntoTiles(outline: Outline, side: number): Tiled {
  const before = known.get(outline);
  if (before?.side === side) return before.tiles;
  const tiles = new Map<TileKey, Polygon[]>();
  for (const polygon of outline)
    for (const [column, strip] of cutIntoStrips(polygon, 'x', side))
      for (const [row, part] of cutIntoStrips(strip, 'y', side)) {
        const key = `${column} ${row} ${side}` as const;
        const there = tiles.get(key);
        if (there) there.push(part);
        else tiles.set(key, [part]);
      }
  known.set(outline, { side, tiles });
  return tiles;
}

/** The parts of a closed line in each strip across an axis. */
function cutIntoStrips(
  polygon: Polygon,
  axis: 'x' | 'y',
  side: number,
): ReadonlyMap<number, Polygon> {
  const strips = new Map<number, Polygon>();
  let [least, most] = [Infinity, -Infinity];
  for (const { [axis]: at } of polygon) [least, most] = [Math.min(least, at), Math.max(most, at)];
  const [first, last] = [Math.floor(least / side), Math.ceil(most / side) - 1];
  // What has no width encloses nothing.
  if (first > last) return strips;
  if (first === last) return strips.set(first, polygon);
  const stopped = withStops(polygon, axis, side);
  for (let strip = first; strip <= last; strip++) {
    const [from, to] = [strip * side, (strip + 1) * side];
    // Its line has points of its own on both sides of the strip, so what is outside can be laid flat upon them.
    const laid = stopped.map((point) => ({
      ...point,
      [axis]: Math.max(from, Math.min(to, point[axis])),
    }));
    strips.set(strip, withoutStops(laid, axis, from, to));
  }
  return strips;
}

/** With a point wherever an edge passes a line between two strips. */
function withStops(polygon: Polygon, axis: 'x' | 'y', side: number): Polygon {
  const other = axis === 'x' ? 'y' : 'x';
  return polygon.flatMap((b, at): readonly Point[] => {
    const a = polygon[(at + polygon.length - 1) % polygon.length] ?? b;
    const [low, high] = a[axis] < b[axis] ? [a, b] : [b, a];
    const stops: Point[] = [];
    for (let line = (Math.floor(low[axis] / side) + 1) * side; line < high[axis]; line += side) {
      const part = (line - low[axis]) / (high[axis] - low[axis]);
      const across = Math.round(low[other] + (high[other] - low[other]) * part);
      stops.push({ [axis]: line, [other]: across } as unknown as Point);
    }
    return [...(low === a ? stops : stops.reverse()), b];
  });
}

/** Without the points on one side of the strip between two others on it. */
function withoutStops(polygon: Polygon, axis: 'x' | 'y', ...sides: readonly number[]): Polygon {
  return polygon.filter(({ [axis]: at }, index) => {
    const before = polygon[(index + polygon.length - 1) % polygon.length]?.[axis];
    const after = polygon[(index + 1) % polygon.length]?.[axis];
    return !(sides.includes(at) && before === at && after === at);
  });
}
