import { describe, expect, it } from 'vitest';
import { seeded } from '../seeded';
import { contains, nearestBetween, touches } from './distance';
import type { Point, Polygon } from '../geometry/flattenPath';
import { square } from '../../../test/support/shapes';

describe('the distance of two outlines', () => {
  it('is that of the nearest corners or edges, and zero where they touch, cross or lie within', () => {
    const a = [square(0, 0, 10)];
    expect(nearestBetween(a, [square(13, 14, 5)]).distance).toBe(5);
    expect(nearestBetween(a, [square(12, 3, 4)]).distance).toBe(2);
    expect(nearestBetween(a, [square(10, 0, 4)]).distance).toBe(0);
    expect(nearestBetween(a, [square(5, 5, 10)]).distance).toBe(0);
    expect(nearestBetween(a, [square(3, 3, 2)]).distance).toBe(0);
    const cross = [
      [
        { x: -5, y: 4 },
        { x: 15, y: 4 },
        { x: 15, y: 6 },
        { x: -5, y: 6 },
      ],
    ];
    expect(nearestBetween(a, cross).distance).toBe(0);
  });

  it('is not zero inside a window', () => {
    const frame = [square(0, 0, 30), square(5, 5, 20)];
    expect(contains(frame, { x: 15, y: 15 })).toBe(false);
    expect(nearestBetween(frame, [square(13, 13, 4)]).distance).toBe(8);
  });

  it('is nothing where they touch: at a corner, along an edge, with any part of the one in the other', () => {
    const a = [square(0, 0, 10)];
    for (const [other, isTouching] of [
      [[square(10, 10, 4)], true],
      [[square(10, 2, 4)], true],
      [[square(11, 2, 4)], false],
      [[square(30, 30, 4), square(3, 3, 2)], true],
      [[square(-5, -5, 30), square(-2, -2, 20)], false],
      [[square(-5, -5, 30), square(-2, -2, 12)], true],
    ] as const) {
      expect(touches(a, other)).toBe(isTouching);
      expect(touches(other, a)).toBe(isTouching);
    }
  });

  it('is nothing just where they touch, seed 11', () => {
    const random = seeded(11);
    const triangle = (): Polygon =>
      Array.from({ length: 3 }, () => ({
        x: Math.round(random() * 40),
        y: Math.round(random() * 40),
      }));
    const told = new Set<boolean>();
    for (let round = 0; round < 300; round += 1) {
      const [a, b] = [[triangle()], [triangle()]];
      expect(touches(a, b)).toBe(nearestBetween(a, b).distance < 1e-9);
      told.add(touches(a, b));
    }
    expect(told.size).toBe(2);
  });

  it('agrees with the nearest of many points on both lines, seed 7', () => {
    const random = seeded(7);
    const triangle = (x: number): Polygon =>
      Array.from({ length: 3 }, () => ({ x: x + random() * 100, y: random() * 100 }));
    const pointsOn = (polygon: Polygon) =>
      polygon.flatMap((from, index) => {
        const to = polygon[(index + 1) % polygon.length] as Point;
        return Array.from({ length: 200 }, (_, step) => ({
          x: from.x + ((to.x - from.x) * step) / 200,
          y: from.y + ((to.y - from.y) * step) / 200,
        }));
      });
    for (let round = 0; round < 20; round += 1) {
      const [a, b] = [triangle(0), triangle(120)];
      let slow = Infinity;
      for (const p of pointsOn(a))
        for (const q of pointsOn(b)) slow = Math.min(slow, Math.hypot(p.x - q.x, p.y - q.y));
      const { distance } = nearestBetween([a], [b]);
      expect(distance).toBeLessThanOrEqual(slow + 1e-9);
      expect(slow - distance).toBeLessThan(1);
    }
  });
});
