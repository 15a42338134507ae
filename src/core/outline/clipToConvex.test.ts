import { describe, expect, it } from 'vitest';
import { seeded } from '../seeded';
import { clipToConvex, isConvex } from './clipToConvex';
import type { Polygon } from '../geometry/flattenPath';
import { areaOfOutline, intersectOutlines } from './polygons';

const random = seeded(11);
/** A star-like polygon round a middle: never crossing itself, mostly not convex. */
const star = (x: number, y: number, reach: number): Polygon =>
  Array.from({ length: 9 }, (_, at) => {
    const radius = reach * (0.3 + 0.7 * random());
    const angle = (at * 2 * Math.PI) / 9;
    return {
      x: Math.round(x + radius * Math.cos(angle)),
      y: Math.round(y + radius * Math.sin(angle)),
    };
  });
const regular = (corners: number, reach: number): Polygon =>
  Array.from({ length: corners }, (_, at) => ({
    x: Math.round(reach * Math.cos((at * 2 * Math.PI) / corners)),
    y: Math.round(reach * Math.sin((at * 2 * Math.PI) / corners)),
  }));

describe('what of a polygon lies inside a convex one', () => {
  // Against the clipping library, a general-purpose one, seed 11.
  it.each(Array.from({ length: 60 }, (_, at) => at))(
    'has the area of the intersection, seed 11, round %i',
    (round) => {
      const polygon = star(20_000 * (random() - 0.5), 20_000 * (random() - 0.5), 30_000);
      const frame = regular(3 + (round % 6), 25_000);
      const convex = round % 2 === 0 ? frame : frame.toReversed();
      const wanted = areaOfOutline(intersectOutlines([polygon], [convex]));
      const clipped = clipToConvex(polygon, convex);
      expect(Math.abs(areaOfOutline([clipped]) - wanted)).toBeLessThan(wanted * 1e-3 + 60_000);
    },
  );

  it('is nothing where they lie apart, and all where the one holds the other', () => {
    const far = regular(5, 1000).map(({ x, y }) => ({ x: x + 90_000, y }));
    expect(clipToConvex(far, regular(4, 2000))).toEqual([]);
    expect(clipToConvex(regular(5, 1000), regular(4, 9000))).toEqual(regular(5, 1000));
  });

  it('tells lines that turn in from those that do not', () => {
    expect(isConvex(regular(7, 1000))).toBe(true);
    expect(isConvex(regular(7, 1000).toReversed())).toBe(true);
    const dent = [
      { x: 0, y: 0 },
      { x: 100, y: 0 },
      { x: 50, y: 30 },
      { x: 100, y: 100 },
      { x: 0, y: 100 },
    ];
    expect(isConvex(dent)).toBe(false);
  });
});
