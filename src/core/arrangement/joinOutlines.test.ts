import { describe, expect, it } from 'vitest';
import { square } from '../../../test/support/shapes';
import type { Outline } from '../outline/outline';
import { areaOfOutline, intersectOutlines, uniteOutlines } from '../outline/polygons';
import { seeded } from '../seeded';
import { joinOutlines, sharedOutline } from './joinOutlines';

const random = seeded(12);
/** A star of so many points, some 20 mm wide. */
const star = (x: number, y: number): Outline => [
  Array.from({ length: 24 }, (_, at) => {
    const [angle, reach] = [(at * Math.PI) / 12, 60_000 + random() * 120_000];
    return {
      x: Math.round(x + reach * Math.cos(angle)),
      y: Math.round(y + reach * Math.sin(angle)),
    };
  }),
];

describe('outlines joined and shared by the arrangement', () => {
  it('cover as much as another library finds, to the rounding of their crossings, seed 12', () => {
    for (let round = 0; round < 20; round++) {
      const [a, b] = [star(300_000, 300_000), star(380_000, 340_000)];
      // A crossing is moved by less than a tick, along edges of 400 000 ticks in all.
      const near = (ours: Outline, theirs: Outline) =>
        expect(Math.abs(areaOfOutline(ours) - areaOfOutline(theirs))).toBeLessThan(2_000_000);
      near(sharedOutline(a, b), intersectOutlines(a, b));
      near(joinOutlines([a, b]), uniteOutlines([a, b]));
    }
  });

  it('are the one itself where a box covers it, and nothing where they are apart', () => {
    const own = star(300_000, 300_000);
    const box = [square(0, 0, 1_000_000)];
    expect(sharedOutline(box, own)).toBe(own);
    expect(sharedOutline(own, box)).toBe(own);
    expect(sharedOutline(own, [square(2_000_000, 0, 100)])).toEqual([]);
    // A square on its corner covers no more than half of the box round it.
    const diamond = [
      [
        { x: 0, y: 50_000 },
        { x: 50_000, y: 0 },
        { x: 100_000, y: 50_000 },
        { x: 50_000, y: 100_000 },
      ],
    ];
    const corner = [square(0, 0, 25_000)];
    expect(areaOfOutline(sharedOutline(diamond, corner))).toBe(0);
  });
});
