import { describe, expect, it } from 'vitest';
import { areaOfOutline, intersectOutlines, uniteOutlines } from '../outline/polygons';
import type { Point, Polygon } from '../geometry/flattenPath';
import { contains, lineDistance } from '../outline/distance';
import { seeded } from '../seeded';
import { arrange, outlineOfParts, type Arrangement } from './arrange';
import { usualSide } from './cutIntoTiles';

type Outline = readonly Polygon[];
type Scene = readonly Outline[];

const box = (x: number, y: number, width: number, height: number): Polygon => [
  { x, y },
  { x: x + width, y },
  { x: x + width, y: y + height },
  { x, y: y + height },
];
const rounded = (x: number, y: number): Point => ({ x: Math.round(x), y: Math.round(y) });

/** A star of so many points. */
function star(middle: Point, reach: number, points: number, waist = 0.5): Polygon {
  return Array.from({ length: points * 2 }, (_, at) => {
    const [angle, far] = [(at * Math.PI) / points, at % 2 === 0 ? reach : reach * waist];
    return rounded(middle.x + far * Math.cos(angle), middle.y + far * Math.sin(angle));
  });
}

function randomScene(seed: number, count: number, extent: number): Scene {
  const random = seeded(seed);
  return Array.from({ length: count }, () => {
    const middle = { x: random() * extent, y: random() * extent };
    const reach = extent * (0.05 + random() * 0.25);
    const ring = star(middle, reach, 3 + Math.floor(random() * 9), 0.3 + random() * 0.7);
    return random() < 0.3 ? [ring, star(middle, reach * 0.25, 6)] : [ring];
  });
}

/** The area of the parts that lie in just these outlines, by their indexes. */
function areas(parts: Arrangement): ReadonlyMap<string, number> {
  const sums = new Map<string, number>();
  for (const { covers, area } of parts) {
    const key = covers.join(' ');
    sums.set(key, (sums.get(key) ?? 0) + area);
  }
  return sums;
}

const areaIn = (parts: Arrangement, ...all: readonly number[]) =>
  parts.reduce(
    (sum, { covers, area }) => (all.every((i) => covers.includes(i)) ? sum + area : sum),
    0,
  );

const lengthOf = (scene: Scene) =>
  scene.flat().reduce(
    (sum, polygon) =>
      polygon.reduce((length, b, at) => {
        const a = polygon.at(at - 1) as Point;
        return length + Math.hypot(b.x - a.x, b.y - a.y);
      }, sum),
    0,
  );

const mapped = (scene: Scene, map: (point: Point) => Point): Scene =>
  scene.map((outline) => outline.map((polygon) => polygon.map(map)));

const turnedBy = (degrees: number) => {
  const [cos, sin] = [Math.cos((degrees * Math.PI) / 180), Math.sin((degrees * Math.PI) / 180)];
  return ({ x, y }: Point) => rounded(x * cos - y * sin, x * sin + y * cos);
};

const T = usualSide;
const bowTie: Polygon = [
  { x: 0, y: 0 },
  { x: 30_000, y: 20_000 },
  { x: 30_000, y: 0 },
  { x: 0, y: 20_000 },
];

/** What trips geometry up: lines that coincide, touch, cross in one point, or enclose next to nothing. */
const corpus: Readonly<Record<string, Scene>> = {
  'the same outline three times': [
    [box(0, 0, 9000, 7000)],
    [box(0, 0, 9000, 7000)],
    [box(0, 0, 9000, 7000)],
  ],
  'two that share an edge': [[box(0, 0, 9000, 7000)], [box(9000, 0, 5000, 7000)]],
  'two that share a part of an edge': [[box(0, 0, 9000, 7000)], [box(9000, 3000, 5000, 7000)]],
  'one in the corner of another': [[box(0, 0, 9000, 7000)], [box(0, 0, 4000, 3000)]],
  'a corner on an edge': [[box(0, 0, 9000, 7000)], [star({ x: 13_000, y: 3000 }, 4000, 4)]],
  'corner to corner': [[box(0, 0, 9000, 7000)], [box(9000, 7000, 5000, 5000)]],
  'an island that touches the line of its lake': [
    [box(0, 0, 90_000, 70_000), box(10_000, 10_000, 50_000, 50_000)],
    [box(10_000, 20_000, 20_000, 20_000)],
  ],
  'an island in a lake on an island': [
    [box(0, 0, 90_000, 90_000), box(10_000, 10_000, 70_000, 70_000)],
    [box(20_000, 20_000, 50_000, 50_000), box(30_000, 30_000, 30_000, 30_000)],
    [box(40_000, 40_000, 10_000, 10_000)],
  ],
  'a line that crosses itself': [[bowTie], [box(5000, 5000, 20_000, 10_000)]],
  'a line drawn twice, which encloses nothing': [
    [box(0, 0, 9000, 7000), box(0, 0, 9000, 7000)],
    [box(1000, 1000, 3000, 3000)],
  ],
  'lines a tick apart': [
    [box(0, 0, 90_000, 70_000)],
    [box(1, 1, 90_000, 70_000)],
    [box(0, 1, 90_001, 69_998)],
  ],
  'a sliver of a tick': [[box(0, 0, 500_000, 1)], [box(100, -5000, 3, 90_000)]],
  'nearly the same slant': [
    [
      [
        { x: 0, y: 0 },
        { x: 400_000, y: 3 },
        { x: 400_000, y: 9000 },
      ],
    ],
    [
      [
        { x: 0, y: 1 },
        { x: 400_000, y: 2 },
        { x: 400_000, y: 9000 },
      ],
    ],
  ],
  'many through one point': Array.from({ length: 12 }, (_, at) => [
    [
      rounded(0, 0),
      rounded(90_000 * Math.cos(at / 2), 90_000 * Math.sin(at / 2)),
      rounded(90_000 * Math.cos(at / 2 + 0.9), 90_000 * Math.sin(at / 2 + 0.9)),
    ],
  ]),
  'a spike of no width': [
    [
      [
        { x: 0, y: 0 },
        { x: 9000, y: 0 },
        { x: 50_000, y: 0 },
        { x: 9000, y: 0 },
        { x: 9000, y: 7000 },
      ],
    ],
    [box(8000, -1000, 9000, 3000)],
  ],
  'lines along those of the tiles': [
    [box(0, 0, T, T)],
    [box(T, 0, T, T)],
    [box(-T, -T, 3 * T, 3 * T)],
    [box(T / 2, T, T, 1)],
  ],
  'a line over many tiles': [
    [star({ x: 0, y: 0 }, 3_000_000, 5)],
    [star({ x: 9, y: 7 }, 3_000_000, 5)],
  ],
  'nothing at all': [[], [[]], [[{ x: 3, y: 3 }]]],
};

describe('outlines arranged on a plane', () => {
  it('make of two squares that overlap three parts', () => {
    const parts = arrange([[box(0, 0, 4, 4)], [box(2, 0, 4, 4)]]);
    expect(parts.map(({ covers, area }) => [covers, area])).toEqual([
      [[0], 8],
      [[0, 1], 8],
      [[1], 8],
    ]);
  });

  it.each([1, 2, 3, 4, 5, 6])(
    'tell of every point which outlines it lies in, as a walk round each outline tells, seed %i',
    (seed) => {
      const scene = randomScene(seed, 14, 900_000);
      const parts = arrange(scene);
      const random = seeded(seed + 100);
      let [looked, inside] = [0, 0];
      for (let round = 0; round < 300; round++) {
        const point = rounded(random() * 900_000, random() * 900_000);
        const dot = box(point.x - 1, point.y - 1, 2, 2);
        if (scene.flat().some((line) => lineDistance(dot, line) < 3)) continue;
        // A point on the line between two tiles lies in neither.
        if (point.x % T === 0 || point.y % T === 0) continue;
        const covers = scene.flatMap((outline, index) => (contains(outline, point) ? [index] : []));
        const found = parts.filter(({ rings }) => contains(rings, point));
        expect(found.map((part) => part.covers)).toEqual(covers.length > 0 ? [covers] : []);
        looked++;
        inside += found.length;
      }
      expect(looked).toBeGreaterThan(250);
      expect(inside).toBeGreaterThan(50);
    },
  );

  it.each([11, 12, 13])(
    'have the areas a clipping library finds, alone, in pairs and together, seed %i',
    (seed) => {
      // Clipper2, by Angus Johnson: another method, on the same whole numbers.
      const scene = randomScene(seed, 12, 700_000);
      const parts = arrange(scene);
      const most = lengthOf(scene);
      scene.forEach((one, i) => {
        expect(Math.abs(areaIn(parts, i) - areaOfOutline(one))).toBeLessThan(most);
        scene.slice(0, i).forEach((two, j) => {
          const shared = areaOfOutline(intersectOutlines(one, two));
          expect(Math.abs(areaIn(parts, i, j) - shared)).toBeLessThan(most);
        });
      });
      const all = areaOfOutline(uniteOutlines(scene));
      expect(Math.abs(parts.reduce((sum, { area }) => sum + area, 0) - all)).toBeLessThan(most);
      const outline = outlineOfParts(parts);
      expect(Math.abs(areaOfOutline(outline) - all)).toBeLessThan(most);
      // As one outline nothing is left of the tiles: no part of it but at its rim is shorter than a tick.
      expect(outline.length).toBeLessThan(parts.length / 4);
    },
  );

  it.each(Object.entries(corpus))(
    'give the same answer shifted, mirrored and turned: %s',
    (_, scene) => {
      const answer = areas(arrange(scene));
      const most = lengthOf(scene) + 100;
      const others: readonly (readonly [string, Scene, number])[] = [
        ['shifted', mapped(scene, ({ x, y }) => ({ x: x + 77_777, y: y - 345_678 })), most],
        ['mirrored', mapped(scene, ({ x, y }) => ({ x: -x, y })), most],
        ['on its side', mapped(scene, ({ x, y }) => ({ x: y, y: -x })), most],
        ['turned', mapped(scene, turnedBy(31)), 2 * most],
        [
          'the other way round',
          scene.map((outline) => outline.map((line) => line.toReversed())),
          0,
        ],
        [
          'from another corner',
          scene.map((outline) => outline.map((line) => [...line.slice(1), ...line.slice(0, 1)])),
          most,
        ],
      ];
      for (const [how, other, slack] of others) {
        const found = areas(arrange(other));
        for (const key of new Set([...answer.keys(), ...found.keys()]))
          expect(
            Math.abs((found.get(key) ?? 0) - (answer.get(key) ?? 0)),
            `${how}: ${key}`,
          ).toBeLessThanOrEqual(slack);
      }
      scene.forEach((outline, i) => {
        const own = areaOfOutline(outline);
        expect(Math.abs(areaIn(arrange(scene), i) - own)).toBeLessThanOrEqual(most);
      });
    },
  );

  it('do with few tiles however far they reach: fifty sheets of five metres', () => {
    const side = 80_000_000;
    const parts = arrange(Array.from({ length: 50 }, (_, at) => [box(at, at, side, side)]));
    expect(parts.length).toBeLessThan(10_000);
    for (const at of [0, 20, 49]) expect(areaIn(parts, at)).toBe(side * side);
  });

  it('are exact where lines run upright and across, wherever the tiles lie, seed 21', () => {
    const random = seeded(21);
    const some = () => Math.round((random() * 4 - 2) * T);
    for (let round = 0; round < 40; round++) {
      const boxes = Array.from({ length: 5 }, () =>
        box(some(), some(), 1 + Math.abs(some()), 1 + Math.abs(some())),
      );
      const parts = arrange(boxes.map((each) => [each]));
      boxes.forEach(([a, , c], i) => {
        if (!a || !c) throw new Error('a box has four corners');
        expect(areaIn(parts, i)).toBe((c.x - a.x) * (c.y - a.y));
      });
      expect(areaOfOutline(outlineOfParts(parts))).toBe(
        parts.reduce((sum, { area }) => sum + area, 0),
      );
    }
  });

  it('are after a move as if all had been done anew, seed 31', () => {
    const copy = (scene: Scene) => mapped(scene, (point) => ({ ...point }));
    const random = seeded(31);
    let scene = randomScene(31, 20, 900_000);
    for (let round = 0; round < 12; round++) {
      const at = Math.floor(random() * scene.length);
      const by = rounded(random() * 90_000, random() * 90_000);
      const [moved] = mapped([scene[at] ?? []], ({ x, y }) => ({ x: x + by.x, y: y + by.y }));
      scene = scene.with(at, moved ?? []);
      if (round % 4 === 3) scene = [...scene.slice(1), ...scene.slice(0, 1)];
      expect(arrange(scene)).toEqual(arrange(copy(scene)));
    }
  });

  it('close: at every point the lines round all parts cancel out', () => {
    const parts = arrange(randomScene(41, 16, 900_000));
    for (const { rings, area } of parts) {
      expect(area).toBeGreaterThan(0);
      const [line = [], ...holes] = rings;
      expect(area).toBeCloseTo(
        areaOfOutline([line]) - holes.reduce((sum, hole) => sum + areaOfOutline([hole]), 0),
        3,
      );
    }
    expect(parts.length).toBeGreaterThan(100);
  });
});
