import type { Polygon } from '../geometry/flattenPath';
import { boundsOf, type Outline } from '../outline/outline';
import { cutIntoTiles, tileSideFor, type TileKey } from './cutIntoTiles';
import type { Edge } from './edge';
import { splitAtCrossings } from './splitAtCrossings';
import { traceFaces, type Face } from './traceFaces';

/**
 * The parts a plane falls into under outlines, each cut along the lines of the tiles it lies in. Along those lines, and
 * where lines cross, whole ticks are kept: areas are exact for lines moved by less than one.
 */
export type Arrangement = readonly Face[];

/**
 * Which parts outlines that overlap make of a plane, and which outlines each part lies in, by their index.
 *
 * Each tile is arranged for itself and kept with the outlines in it, so that after a change only the tiles under it are
 * done anew: the outlines that did not change have to be the same objects.
 * @example arrange([squareOf(0, 0, 4), squareOf(2, 0, 4)]) // covers [0] of 8, [0, 1] of 8 and [1] of 8 square ticks
 */
export function arrange(outlines: readonly Outline[]): Arrangement {
  const side = tileSideFor(reachOf(outlines));
  const members = new Map<TileKey, number[]>();
  outlines.forEach((outline, index) => {
    for (const key of cutIntoTiles(outline, side).keys()) {
      const there = members.get(key);
      if (there) there.push(index);
      else members.set(key, [index]);
    }
  });
  return [...members].flatMap(([key, indexes]) =>
    arrangeTile(
      key,
      indexes.map((index) => outlines[index] ?? []),
      side,
    ).map((face) => ({ ...face, covers: face.covers.map((member) => indexes[member] ?? 0) })),
  );
}

/** The closed lines round all parts that are asked for, as one outline. */
export function outlineOfParts(parts: readonly Pick<Face, 'rings'>[]): Outline {
  const edges = parts.flatMap(({ rings }) => rings.flatMap((ring) => edgesOf(ring, 0)));
  return traceFaces(splitAtCrossings(edges)).flatMap(({ rings }) => rings);
}

/** The larger side of the box round all of them. */
function reachOf(outlines: readonly Outline[]): number {
  const { x0, y0, x1, y1 } = boundsOf(outlines.flat());
  return Math.max(0, x1 - x0, y1 - y0);
}

interface ArrangedTile {
  readonly outlines: readonly Outline[];
  readonly faces: readonly Face[];
}

/** The last arrangement of each tile, by the lowest outline in it. */
const arranged = new WeakMap<Outline, Map<TileKey, ArrangedTile>>();

/** The faces of a tile; what they are covered by is told by its place among the outlines of the tile. */
function arrangeTile(key: TileKey, outlines: readonly Outline[], side: number): readonly Face[] {
  const [lowest] = outlines;
  if (!lowest) return [];
  const tiles = arranged.get(lowest) ?? new Map<TileKey, ArrangedTile>();
  arranged.set(lowest, tiles);
  const before = tiles.get(key);
  if (before && isSameList(before.outlines, outlines)) return before.faces;
  const edges = outlines.flatMap((outline, member) =>
    (cutIntoTiles(outline, side).get(key) ?? []).flatMap((polygon) => edgesOf(polygon, member)),
  );
  const faces = traceFaces(splitAtCrossings(edges));
  tiles.set(key, { outlines, faces });
  return faces;
}

function edgesOf(polygon: Polygon, owner: number): readonly Edge[] {
  return polygon.map((b, at) => ({
    a: polygon[(at + polygon.length - 1) % polygon.length] ?? b,
    b,
    owners: [owner],
  }));
}

function isSameList<T>(a: readonly T[], b: readonly T[]): boolean {
  return a.length === b.length && a.every((each, index) => each === b[index]);
}
