import { outlineOfParts } from '../arrangement/arrange';
import { groupBy } from '../groupBy';
import type { Length } from '../length/length';
import type { Point } from '../geometry/flattenPath';
import { contains } from '../outline/distance';
import { layersAt, type HeightMap, type HeightPart, type Layer } from './heightMap';
import { roomiest } from './roomiest';

/** One of the highest places of a card. */
export interface Peak {
  readonly at: Point;
  readonly height: Length;
  /** The topmost thing on the front there; undefined where nothing lies on it. */
  readonly top: string | undefined;
  readonly layers: readonly Layer[];
}

/** Stands for the top where only the card itself is. */
const nothing = '';

/** The highest places, each thing on top told once, the largest first. */
export function peaksOf(map: HeightMap): readonly Peak[] {
  const byTop = groupBy(
    map.parts.filter(({ height }) => height === map.highest),
    (part) => topOf(map, part) ?? nothing,
  );
  return [...byTop]
    .map(([top, parts]) => {
      // Where least of it is air, the height is told best.
      const least = Math.min(...parts.map((part) => airIn(map, part)));
      const own = parts.filter((part) => airIn(map, part) === least);
      const { label } = roomiest(outlineOfParts(own));
      const part = own.find(({ rings }) => contains(rings, label)) ?? own[0];
      const area = own.reduce((sum, each) => sum + each.area, 0);
      return { top, at: label, part, area };
    })
    .toSorted((a, b) => b.area - a.area)
    .map(({ top, at, part }) => ({
      ...{ at, height: map.highest, top: top === nothing ? undefined : top },
      layers: part ? layersAt(map, part) : [],
    }));
}

function topOf({ stack }: HeightMap, { covers }: HeightPart): string | undefined {
  const plates = covers.flatMap((at) => stack.plates[at] ?? []);
  return (plates.findLast(({ face }) => face === 'front') ?? plates.at(-1))?.id;
}

function airIn(map: HeightMap, part: HeightPart): number {
  return layersAt(map, part).reduce(
    (sum, { kind, height }) => sum + (kind === 'air' ? height : 0),
    0,
  );
}
