import { describe, expect, it } from 'vitest';
import type { Point, Polygon } from '../geometry/flattenPath';
import { seeded } from '../seeded';
import { cutLines, type CutLine } from './cutLines';

const box = (x: number, y: number, width: number, height = width): Polygon => [
  { x, y },
  { x: x + width, y },
  { x: x + width, y: y + height },
  { x, y: y + height },
];

const lengthOf = ({ points, isClosed }: CutLine) => {
  const round = isClosed ? [...points, points[0] as Point] : points;
  return round.slice(1).reduce((sum, { x, y }, at) => {
    const from = round[at] as Point;
    return sum + Math.hypot(x - from.x, y - from.y);
  }, 0);
};

describe('lines as a blade follows them', () => {
  it('are cut from the inside outward', () => {
    const nested = [box(0, 0, 100), box(20, 20, 60), box(40, 40, 10), box(200, 0, 10)];
    const sides = cutLines(nested).map(({ points: [a, b] }) => (b?.x ?? 0) - (a?.x ?? 0));
    expect(sides).toEqual([10, 60, 100, 10]);
    expect(cutLines(nested).every(({ isClosed }) => isClosed)).toBe(true);
  });

  it('leave a shared edge out the second time', () => {
    const [first, second, ...others] = cutLines([box(0, 0, 10), box(10, 0, 10)]);
    expect(first).toEqual({ points: box(0, 0, 10), isClosed: true });
    expect(second).toEqual({
      points: [
        { x: 10, y: 0 },
        { x: 20, y: 0 },
        { x: 20, y: 10 },
        { x: 10, y: 10 },
      ],
      isClosed: false,
    });
    expect(others).toEqual([]);
  });

  it('leave out a part of an edge, and the whole of a line that is there already', () => {
    const lines = cutLines([box(0, 0, 10, 30), box(10, 10, 5), box(0, 0, 10, 30)]);
    expect(lines.map(lengthOf)).toEqual([80, 15]);
    expect(cutLines([])).toEqual([]);
    expect(cutLines([[], [{ x: 1, y: 1 }]])).toEqual([]);
  });

  it('are together as long as all lines less what is shared, boxes on a net, seed 5', () => {
    const random = seeded(5);
    const some = (most: number) => Math.floor(random() * most);
    for (let round = 0; round < 30; round++) {
      const boxes = Array.from({ length: 8 }, () =>
        box(some(6), some(6), 1 + some(4), 1 + some(4)),
      );
      // Every unit of every side by itself, each counted once.
      const units = new Set<string>();
      for (const [a, , c] of boxes) {
        if (!a || !c) throw new Error('a box has four corners');
        for (let x = a.x; x < c.x; x++) for (const y of [a.y, c.y]) units.add(`x ${x} ${y}`);
        for (let y = a.y; y < c.y; y++) for (const x of [a.x, c.x]) units.add(`y ${x} ${y}`);
      }
      expect(cutLines(boxes).reduce((sum, line) => sum + lengthOf(line), 0)).toBe(units.size);
    }
  });
});
