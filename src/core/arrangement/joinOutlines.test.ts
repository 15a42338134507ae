import { describe, expect, it } from 'vitest';
import { square } from '../../../test/support/shapes';
import type { Outline } from '../outline/outline';
import { areaOfOutline, intersectOutlines } from '../outline/polygons';
import { seeded } from '../seeded';
import { joinApart, sharedOutline } from './joinOutlines';
import { stripsOf } from './stripsOf';

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
    }
  });

  it('are joined where they share edges, which fall away: strips of a paper make it again, seed 12', () => {
    const waves = [1, 2, 3].map((at) =>
      Array.from({ length: 12 }, (_, x) => ({
        x: x * 90_000,
        y: at * 250_000 + Math.round(random() * 60_000),
      })),
    );
    const paper = [square(0, 0, 1_000_000)];
    const strips = stripsOf(paper, waves);
    expect(joinApart(strips.map(({ outline }) => outline))).toHaveLength(1);
    expect(areaOfOutline(joinApart(strips.map(({ outline }) => outline)))).toBe(1e12);
    const [first, second, third] = strips;
    if (!first || !second || !third) throw new Error('too few strips');
    const pair = joinApart([first.outline, second.outline]);
    expect(areaOfOutline(pair)).toBe(first.area + second.area);
    expect(joinApart([first.outline, third.outline])).toHaveLength(2);
    expect(joinApart([first.outline])).toBe(first.outline);
    expect(joinApart([])).toEqual([]);
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
