import { describe, expect, it } from 'vitest';
import { seeded } from '../seeded';
import type { Outline } from './outline';
import { areaOfOutline, growOutline, intersectOutlines, uniteOutlines } from './polygons';
import { shoelace, square } from '../../../test/support/shapes';

describe('areas of outlines', () => {
  const frame = [square(0, 0, 3000), square(500, 500, 2000)];

  it('count windows out, and agree with the shoelace', () => {
    expect(areaOfOutline([square(0, 0, 3000)])).toBe(shoelace(square(0, 0, 3000)));
    expect(areaOfOutline(frame)).toBe(3000 ** 2 - 2000 ** 2);
  });

  it('unite and intersect so that both together have the areas of each', () => {
    const other = [square(1500, 1500, 3000)];
    const [both, all] = [intersectOutlines(frame, other), uniteOutlines([frame, other])].map(
      areaOfOutline,
    );
    expect(all).toBe(areaOfOutline(frame) + areaOfOutline(other) - (both ?? NaN));
    expect(both).toBeGreaterThan(0);
  });

  it('unite the same whether all at once or one after the other, edge on edge too (seed 61)', () => {
    const random = seeded(61);
    for (let round = 0; round < 20; round++) {
      // On a coarse net, so that edges and corners fall on one another.
      const outlines = Array.from({ length: 12 }, () => {
        const [x, y, side] = [0, 0, 0].map(() => 500 * (1 + Math.floor(random() * 6)));
        const outer = square(x ?? 0, y ?? 0, side ?? 500);
        return random() < 0.4 ? [outer, square((x ?? 0) + 100, (y ?? 0) + 100, 300)] : [outer];
      });
      const oneByOne = outlines.reduce((sum, each) => uniteOutlines([sum, each]), [] as Outline);
      expect(areaOfOutline(uniteOutlines(outlines))).toBe(areaOfOutline(oneByOne));
    }
  });

  it('grow by a band round them, and shrink to nothing', () => {
    const grown = areaOfOutline(growOutline([square(0, 0, 1000)], 100));
    expect(grown / (1000 ** 2 + 4 * 1000 * 100 + Math.PI * 100 ** 2)).toBeCloseTo(1, 3);
    expect(growOutline([square(0, 0, 1000)], -501)).toEqual([]);
  });
});
