import { describe, expect, it } from 'vitest';
import { layWreath, type WreathInput } from './layWreath';

const around = { x: 0, y: 0, width: 2000, height: 1000 };

const piece = (key: string, size: number) => ({ key, width: size, height: size });

const wreath = (change: Partial<WreathInput> = {}) =>
  layWreath({
    around,
    path: 'oval',
    clearance: 100,
    tiers: [
      Array.from({ length: 5 }, () => piece('large', 400)),
      Array.from({ length: 5 }, () => piece('medium', 200)),
      Array.from({ length: 10 }, () => piece('small', 80)),
    ],
    seed: 3,
    ...change,
  });

describe('a wreath', () => {
  it('lays every piece, the large ones first at the top and evenly by arc length', () => {
    const laid = wreath();
    expect(laid.map(({ key }) => key).toSorted()).toEqual([
      ...Array(5).fill('large'),
      ...Array(5).fill('medium'),
      ...Array(10).fill('small'),
    ] as string[]);
    const [first] = laid;
    expect(first?.key).toBe('large');
    expect(first?.middle.x).toBeCloseTo(1000);
    expect(first?.middle.y).toBeLessThan(0);
    const arcs = (rings: number) =>
      layWreath({
        around: { ...around, height: around.width },
        path: 'oval',
        clearance: 0,
        tiers: [Array.from({ length: rings }, () => piece('a', 10))],
        seed: 1,
      }).map(({ middle }) => middle);
    const circle = arcs(6);
    const gaps = circle.map(({ x, y }, index) => {
      const next = circle[(index + 1) % circle.length];
      return next ? Math.hypot(next.x - x, next.y - y) : NaN;
    });
    for (const gap of gaps) expect(gap / (gaps[0] ?? NaN)).toBeCloseTo(1, 3);
  });

  it.each(['oval', 'rectangle'] as const)('keeps the middle free: %s', (path) => {
    for (const { key, middle } of wreath({ path })) {
      const reach = { large: 400, medium: 200, small: 80 }[key] ?? NaN;
      const dx = Math.max(0, around.x - middle.x, middle.x - around.x - around.width);
      const dy = Math.max(0, around.y - middle.y, middle.y - around.y - around.height);
      // A square reaches half its diagonal however it is turned.
      expect(Math.hypot(dx, dy)).toBeGreaterThanOrEqual((reach * Math.SQRT2) / 2);
    }
  });

  it('puts as many of a tier in each gap as in the next, where they share out evenly', () => {
    const order = wreath()
      .map(({ key }) => key[0])
      .join('');
    expect(order).toBe('lsms'.repeat(5));
  });

  it('is the same for the same seed, and leans otherwise for another', () => {
    expect(wreath()).toEqual(wreath());
    const turns = (seed: number) => wreath({ seed }).map(({ turn }) => turn);
    expect(turns(3)).not.toEqual(turns(4));
    for (const turn of turns(3)) expect(Math.abs(turn)).toBeLessThanOrEqual(180);
  });

  it('of nothing is nothing', () => {
    expect(wreath({ tiers: [] })).toEqual([]);
    expect(wreath({ tiers: [[], []] })).toEqual([]);
  });
});
