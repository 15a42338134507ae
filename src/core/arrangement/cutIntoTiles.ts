import type { Point, Polygon } from '../geometry/flattenPath';

/** The side of a tile in ticks, 16.4 mm: a card is some sixty of them. */
export const tileSide = 2 ** 18;

/** What of an outline lies in each tile, by the tile's column and row. */
export type Tiled = ReadonlyMap<TileKey, readonly Polygon[]>;
export type TileKey = `${number} ${number}`;

/** Tiled outlines by the outline, since that never changes. */
const known = new WeakMap<readonly Polygon[], Tiled>();

/**
 * Cuts an outline along the lines of the tiles it lies in, first upright, then across. Where it passes a line it gets
 * a whole point on it, the same in both tiles; parts that fall apart within a tile stay joined along its line, which
 * encloses nothing.
 */
export function cutIntoTiles(outline: readonly Polygon[]): Tiled {
  const before = known.get(outline);
  if (before) return before;
  const tiles = new Map<TileKey, Polygon[]>();
  for (const polygon of outline)
    for (const [column, strip] of cutIntoStrips(polygon, 'x'))
      for (const [row, part] of cutIntoStrips(strip, 'y')) {
        const key = `${column} ${row}` as const;
        const there = tiles.get(key);
        if (there) there.push(part);
        else tiles.set(key, [part]);
      }
  known.set(outline, tiles);
  return tiles;
}

/** The parts of a closed line in each strip across an axis. */
function cutIntoStrips(polygon: Polygon, axis: 'x' | 'y'): ReadonlyMap<number, Polygon> {
  const strips = new Map<number, Polygon>();
  let [least, most] = [Infinity, -Infinity];
  for (const { [axis]: at } of polygon) [least, most] = [Math.min(least, at), Math.max(most, at)];
  const [first, last] = [Math.floor(least / tileSide), Math.ceil(most / tileSide) - 1];
  // What has no width encloses nothing.
  if (first > last) return strips;
  if (first === last) return strips.set(first, polygon);
  const stopped = withStops(polygon, axis);
  for (let strip = first; strip <= last; strip++) {
    const [from, to] = [strip * tileSide, (strip + 1) * tileSide];
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
function withStops(polygon: Polygon, axis: 'x' | 'y'): Polygon {
  const other = axis === 'x' ? 'y' : 'x';
  return polygon.flatMap((b, at): readonly Point[] => {
    const a = polygon[(at + polygon.length - 1) % polygon.length] ?? b;
    const [low, high] = a[axis] < b[axis] ? [a, b] : [b, a];
    const stops: Point[] = [];
    for (
      let line = (Math.floor(low[axis] / tileSide) + 1) * tileSide;
      line < high[axis];
      line += tileSide
    ) {
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
