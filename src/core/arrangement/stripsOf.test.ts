import { describe, expect, it } from 'vitest';
import { shoelace, square } from '../../../test/support/shapes';
import type { Polygon } from '../geometry/flattenPath';
import { areaOfOutline, intersectOutlines } from '../outline/polygons';
import { smoothLine } from '../geometry/smoothLine';
import { seeded } from '../seeded';
import { stripsOf } from './stripsOf';

const side = 2_368_000; // 148 mm
const panel = [square(0, 0, side)];
const random = seeded(8);
const wave = (y: number): Polygon =>
  smoothLine(
    Array.from({ length: 6 }, (_, at) => ({
      x: (at * side) / 5,
      y: y + (random() - 0.5) * 300_000,
    })),
  );

describe('the strips of a scene', () => {
  it('are disjoint, and together the panel to the square tick, seed 8', () => {
    for (let round = 0; round < 8; round++) {
      const lines = [0.25, 0.42, 0.58, 0.8].map((share) => wave(share * side));
      const strips = stripsOf(panel, lines);
      expect(strips).toHaveLength(5);
      expect(strips.reduce((sum, { area }) => sum + area, 0)).toBe(side ** 2);
      for (const { outline, area } of strips)
        expect(outline.reduce((sum, line) => sum + shoelace(line), 0)).toBe(area);
      strips.forEach((one, at) =>
        strips
          .slice(at + 1)
          .forEach((other) =>
            expect(areaOfOutline(intersectOutlines(one.outline, other.outline))).toBe(0),
          ),
      );
    }
  });

  it('share the points of the line between them', () => {
    const [upper, lower] = stripsOf(panel, [wave(side / 2)]);
    const keys = (outline: readonly Polygon[] | undefined) =>
      new Set((outline ?? []).flat().map(({ x, y }) => `${x} ${y}`));
    const [above, below] = [keys(upper?.outline), keys(lower?.outline)];
    const shared = [...above].filter((key) => below.has(key));
    expect(shared.length).toBeGreaterThan(70);
    // All but the corners of the panel, two of each.
    expect(above.size - shared.length).toBe(2);
    expect(below.size - shared.length).toBe(2);
  });

  it('leave the disc out of the highest strip, as far as that reaches', () => {
    const disc = [square(side / 4, side / 4, side / 2)];
    const level: Polygon = [
      { x: 0, y: side / 2 },
      { x: side, y: side / 2 },
    ];
    const strips = stripsOf(panel, [level], disc);
    // The lower half of the disc is behind the hill.
    const behind = side ** 2 / 8;
    expect(strips.map(({ at, area }) => [at, area])).toEqual([
      [0, side ** 2 / 2 - behind],
      [1, side ** 2 / 2],
      [2, behind],
    ]);
  });

  it('fall into parts where lines cross, and are nothing beyond the panel', () => {
    const level = (y: number): Polygon => [
      { x: 0, y },
      { x: side, y },
    ];
    const strips = stripsOf(panel, [level(side / 2), level(-1000)]);
    expect(strips.map(({ area }) => area)).toEqual([0, side ** 2 / 2, side ** 2 / 2]);
    expect(stripsOf(panel, []).map(({ area }) => area)).toEqual([side ** 2]);
  });
});
