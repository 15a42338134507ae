import polygonClipping from 'polygon-clipping';
import { describe, expect, it } from 'vitest';
import reference from '../../../test/reference/geometry.json';
import { shoelace } from '../../../test/support/shapes';
import type { Polygon } from '../geometry/flattenPath';
import { seeded } from '../seeded';
import type { Outline } from './outline';
import {
  areaOfOutline,
  growOutline,
  intersectOutlines,
  shrinkAndOpen,
  subtractOutlines,
  uniteOutlines,
} from './polygons';

/** The cases are told in small units; outlines are of whole ticks. */
const scale = 10_000;
const outlineOf = (points: readonly (readonly number[])[]): Outline => [
  points.map(([x = 0, y = 0]) => ({ x: x * scale, y: y * scale })),
];
const areaOf = (outline: Outline) => areaOfOutline(outline) / scale ** 2;

describe('outlines of which the answer is exact by hand (geometry.json)', () => {
  // Only those whose corners a round join gives too: grown squares, and what is shrunk.
  const offsets = reference.offset.filter(({ join, delta }) => join === 'round' || delta < 0);
  it.each(offsets)('grow and shrink to the area they have: $name by $delta', (given) => {
    const grown = areaOf(growOutline(outlineOf(given.polygon), given.delta * scale));
    // Chords of round corners lie inside: a thousandth is allowed.
    expect(Math.abs(grown / given.exactArea - 1)).toBeLessThan(1e-3);
  });

  it.each(reference.boolean)('unite, differ and meet as they should: $name, $op', (given) => {
    const [a, b] = [outlineOf(given.A), outlineOf(given.B)];
    const done =
      given.op === 'union'
        ? uniteOutlines([a, b])
        : given.op === 'difference'
          ? subtractOutlines(a, b)
          : intersectOutlines(a, b);
    expect(areaOf(done)).toBe(given.exactArea);
  });

  it('are all there', () => {
    expect(offsets.length).toBeGreaterThan(2);
    expect(reference.boolean.length).toBeGreaterThan(3);
  });
});

describe('outlines drawn at random', () => {
  const random = seeded(23);
  const star = (): Polygon => {
    const [x, y] = [random() * 60_000, random() * 60_000];
    return Array.from({ length: 12 }, (_, at) => {
      const radius = 30_000 * (0.4 + 0.6 * random());
      const angle = (at * 2 * Math.PI) / 12;
      return {
        x: Math.round(x + radius * Math.cos(angle)),
        y: Math.round(y + radius * Math.sin(angle)),
      };
    });
  };
  const ring = (polygon: Polygon) => [polygon.map(({ x, y }): [number, number] => [x, y])];

  // polygon-clipping (Francisco, Rueda and Feito 2009, as Martinez and others had it) knows nothing of Clipper2.
  it('have the areas another library gives them, seed 23', () => {
    const areaOfOthers = (found: ReturnType<typeof polygonClipping.union>) =>
      found.reduce(
        (sum, [outer = [], ...holes]) =>
          sum + plainArea(outer) - holes.reduce((all, hole) => all + plainArea(hole), 0),
        0,
      );
    for (let round = 0; round < 40; round++) {
      const [a, b] = [star(), star()];
      const pairs = [
        [intersectOutlines([a], [b]), polygonClipping.intersection(ring(a), ring(b))],
        [subtractOutlines([a], [b]), polygonClipping.difference(ring(a), ring(b))],
        [uniteOutlines([[a], [b]]), polygonClipping.union(ring(a), ring(b))],
      ] as const;
      for (const [own, other] of pairs)
        // Where lines cross, each rounds to the tick in its own way.
        expect(Math.abs(areaOfOutline(own) - areaOfOthers(other))).toBeLessThan(200_000);
    }
  });

  it('lose what is narrower than a width, and nothing wider, when they are opened', () => {
    const bar = (x: number, width: number): Polygon => [
      { x, y: 0 },
      { x: x + width, y: 0 },
      { x: x + width, y: 90_000 },
      { x, y: 90_000 },
    ];
    const { inside, open } = shrinkAndOpen([bar(0, 30_000), bar(60_000, 9000)], 1000, 8000);
    expect(inside).toHaveLength(2);
    expect(open).toHaveLength(1);
    // A disc leaves four corners of a rectangle: (4 - pi) r squared of it.
    const missing = 28_000 * 88_000 - areaOfOutline(open);
    expect(missing / ((4 - Math.PI) * 4000 ** 2)).toBeCloseTo(1, 1);
    expect(shrinkAndOpen([bar(0, 30_000)], 1000, 0).open).toEqual(
      shrinkAndOpen([bar(0, 30_000)], 1000, 0).inside,
    );
  });

  const plainArea = (points: readonly (readonly number[])[]) =>
    shoelace(points.map(([x = 0, y = 0]) => ({ x, y })));
});
