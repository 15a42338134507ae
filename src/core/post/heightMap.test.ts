import { describe, expect, it } from 'vitest';
import { must } from '../../../test/support/must';
import type { Point, Polygon } from '../geometry/flattenPath';
import { lengthFromTicks, millimetres, sumLengths, zeroLength } from '../length/length';
import { contains } from '../outline/distance';
import { corners, turned, type Rect } from '../outline/outline';
import { areaOfOutline } from '../outline/polygons';
import { faceIds } from '../plan/faces';
import { seeded } from '../seeded';
import { heightAreas } from './heightAreas';
import { heightMap, layersAt, type HeightMap, type Layer } from './heightMap';
import { peaksOf } from './peaks';
import type { Plate, Stack } from './plate';
import { sectionOf } from './sectionOf';
import { settleStack } from './settleStack';
import { unevennessOf } from './unevenness';

const millimetre = 16_000;
const face = [corners({ x: 0, y: 0, width: 100 * millimetre, height: 140 * millimetre })];

const plate = (change: Partial<Plate> & Pick<Plate, 'id' | 'outline'>): Plate => ({
  name: change.id,
  face: 'front',
  foot: zeroLength,
  caliper: millimetres(0.3),
  held: undefined,
  ...change,
});

const box = (x: number, y: number, width: number, height: number): readonly Polygon[] => [
  corners({
    x: x * millimetre,
    y: y * millimetre,
    width: width * millimetre,
    height: height * millimetre,
  }),
];

const card = (plates: readonly Plate[], leaves: 1 | 2 = 2): Stack => ({
  ...{ plates, face, leaves },
  caliper: millimetres(0.4),
});

/** Boxes and frames, straight and turned, on all four faces, some of them hanging over the edge. */
function randomStack(seed: number, count = 14): Stack {
  const random = seeded(seed);
  const plates = Array.from({ length: count }, (_, at) => {
    const rect = {
      x: Math.round((random() * 110 - 10) * millimetre),
      y: Math.round((random() * 150 - 10) * millimetre),
      width: Math.round((5 + random() * 60) * millimetre),
      height: Math.round((5 + random() * 60) * millimetre),
    } as Rect;
    const window = corners({
      x: rect.x + rect.width / 4,
      y: rect.y + rect.height / 4,
      width: rect.width / 2,
      height: rect.height / 2,
    }).map(({ x, y }) => ({ x: Math.round(x), y: Math.round(y) }));
    const outline = random() < 0.3 ? [corners(rect), window] : [corners(rect)];
    return {
      id: `plate ${at}`,
      name: `plate ${at}`,
      face: faceIds[Math.floor(random() * faceIds.length)] ?? 'front',
      outline: turned(outline, rect, random() < 0.5 ? 0 : random() * 90),
      caliper: lengthFromTicks(1000 * (1 + Math.floor(random() * 8))),
      held: random() < 0.5 ? 'foam' : undefined,
      on: undefined,
      lift: lengthFromTicks(random() < 0.5 ? 0 : 24_000),
    };
  });
  return settleStack({ ...card([]), plates }, millimetres(0.7));
}

/** The slow twin: what lies at a point, laid on one after the other; the leaves a given way apart. */
function heightAt({ plates, caliper, leaves }: Stack, gap: number, at: Point): number {
  const top = (of: readonly Plate[]) =>
    of
      .filter(({ outline }) => contains(outline, at))
      .reduce((height, each) => Math.max(height, each.foot) + each.caliper, 0);
  const on = (id: Plate['face']) => top(plates.filter((each) => each.face === id));
  return on('front') + on('back') + leaves * caliper + gap;
}

function betweenAt({ plates }: Stack, at: Point): number {
  return heightAt(
    {
      plates: plates
        .filter((each) => each.face === 'inside' || each.face === 'inside-front')
        .map((each) => ({ ...each, face: each.face === 'inside' ? 'front' : 'back' })),
      face,
      leaves: 1,
      caliper: zeroLength,
    },
    0,
    at,
  );
}

function partAt({ parts }: HeightMap, at: Point) {
  return parts.find(({ rings }) => contains(rings, at));
}

const seeds = [3, 17, 29, 41];

describe('the heights of a closed card', () => {
  it.each(seeds)('are those found point by point, of a random stack: seed %i', (seed) => {
    const stack = randomStack(seed);
    const map = heightMap(stack);
    const random = seeded(seed + 1);
    const points = Array.from({ length: 1500 }, () => ({
      x: (random() * 130 - 15) * millimetre,
      y: (random() * 170 - 15) * millimetre,
    }));
    const onCard = points.filter((at) => partAt(map, at));
    expect(onCard.length).toBeGreaterThan(700);
    for (const at of onCard) {
      expect(partAt(map, at)?.height).toBe(heightAt(stack, map.gap, at));
      expect(betweenAt(stack, at)).toBeLessThanOrEqual(map.gap);
    }
    const outside = points.filter((at) => !partAt(map, at));
    for (const at of outside)
      expect(
        [face, ...stack.plates.map(({ outline }) => outline)].some((o) => contains(o, at)),
      ).toBe(false);
    const { label } = must(heightAreas(map).find(({ height }) => height === map.highest));
    expect(heightAt(stack, map.gap, label)).toBe(map.highest);
  });

  it.each(seeds)('lose no material and gain none: seed %i', (seed) => {
    const stack = randomStack(seed);
    const map = heightMap(stack);
    for (const [at, { id, outline, caliper }] of stack.plates.entries()) {
      const laid = map.parts
        .filter(({ covers }) => covers.includes(at))
        .reduce((sum, part) => {
          const layer = must(
            layersAt(map, part).find(({ kind, plate: of }) => kind === 'plate' && of === id),
          );
          return sum + part.area * layer.height;
        }, 0);
      // Where turned edges cross, points are rounded to the tick.
      expect(laid / (areaOfOutline(outline) * caliper)).toBeCloseTo(1, 4);
    }
  });

  it.each(seeds)('are the sums of their layers: seed %i', (seed) => {
    const map = heightMap(randomStack(seed));
    expect(map.parts.length).toBeGreaterThan(20);
    for (const part of map.parts)
      expect(sumLengths(...layersAt(map, part).map(({ height }) => height))).toBe(part.height);
  });

  it.each(seeds)('are met by a section along any line: seed %i', (seed) => {
    const stack = randomStack(seed);
    const map = heightMap(stack);
    const random = seeded(seed + 2);
    const point = () => ({
      x: Math.round(random() * 100 * millimetre),
      y: Math.round(random() * 140 * millimetre),
    });
    const [from, to] = [point(), point()];
    const blocks = sectionOf(map, { from, to });
    const length = Math.hypot(to.x - from.x, to.y - from.y);
    for (let share = 0.005; share < 1; share += 0.01) {
      const at = { x: from.x + share * (to.x - from.x), y: from.y + share * (to.y - from.y) };
      const own = blocks.filter(({ start, end }) => start < share * length && share * length < end);
      const [low, high] = [
        Math.min(...own.map((each) => each.low)),
        Math.max(...own.map((each) => each.high)),
      ];
      expect(high - low).toBe(heightAt(stack, map.gap, at));
    }
  });

  it('are two leaves where nothing is on it, in one part', () => {
    const map = heightMap(card([]));
    expect(map.highest).toBe(millimetres(0.8));
    expect(heightAreas(map)).toMatchObject([{ height: 12_800, area: areaOfOutline(face) }]);
    expect(heightMap(card([], 1)).highest).toBe(millimetres(0.4));
    expect(peaksOf(map)).toMatchObject([{ top: undefined, height: 12_800 }]);
  });

  it('part the leaves by what meets between them, not by the highest of each', () => {
    const above = plate({ id: 'above', outline: box(0, 0, 20, 20), face: 'inside-front' });
    const below = plate({ id: 'below', outline: box(50, 50, 20, 20), face: 'inside' });
    expect(heightMap(card([above, below])).gap).toBe(millimetres(0.3));
    const meeting = { ...below, outline: box(10, 10, 20, 20) };
    expect(heightMap(card([above, meeting])).gap).toBe(millimetres(0.6));
  });

  it('tell which plate bends over what, and by how much', () => {
    const low = plate({ id: 'low', outline: box(0, 0, 40, 40) });
    const over = plate({ id: 'over', outline: box(20, 20, 40, 40) });
    expect(heightMap(card([low, over])).bends).toEqual([
      { plate: 'over', over: 'low', by: millimetres(0.3) },
    ]);
  });

  it('name what holds a plate, and air under one that reaches over the edge of its foam', () => {
    const mat = plate({ id: 'mat', outline: box(10, 10, 40, 40) });
    const frame = plate({
      ...{ id: 'frame', outline: box(10, 10, 80, 40), foot: millimetres(1.8) },
      held: { name: 'foam', height: millimetres(1.5) },
    });
    const map = heightMap(card([mat, frame]));
    const [peak] = peaksOf(map);
    const told = (layers: readonly Layer[]) =>
      layers.map(({ kind, name, height }) => [kind, name, height / millimetre]);
    const leaves = [
      ['leaf', undefined, 0.4],
      ['leaf', undefined, 0.4],
    ];
    expect(told(peak?.layers ?? [])).toEqual([
      ['plate', 'frame', 0.3],
      ['held', 'foam', 1.5],
      ['plate', 'mat', 0.3],
      ...leaves,
    ]);
    const beyond = must(partAt(map, { x: 80 * millimetre, y: 20 * millimetre }));
    expect(told(layersAt(map, beyond))).toEqual([
      ['plate', 'frame', 0.3],
      ['air', undefined, 1.8],
      ...leaves,
    ]);
    expect(peaksOf(map)).toHaveLength(1);
  });

  it('tell how uneven it is by what is above half of it', () => {
    const panel = plate({ id: 'panel', outline: box(0, 0, 100, 100) });
    const gem = plate({
      ...{ id: 'gem', outline: box(40, 40, 4, 4), foot: millimetres(0.3) },
      caliper: millimetres(2),
    });
    const { middle, by, shares } = unevennessOf(heightMap(card([panel, gem])));
    expect([middle, by]).toEqual([millimetres(1.1), millimetres(2)]);
    expect(shares.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1, 12);
    expect(shares.at(-1)?.share).toBeCloseTo(16 / 14_000, 9);
  });
});
