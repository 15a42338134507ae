import { describe, expect, it } from 'vitest';
import { corners } from '../outline/outline';
import { scatterDots, type ScatterInput } from './scatterDots';

const area = { x: 100, y: 200, width: 10_000, height: 20_000 };

const words = [corners({ x: 3000, y: 3000, width: 4000, height: 1500 })];

const scatter = (change: Partial<ScatterInput> = {}) =>
  scatterDots({
    area,
    sizes: [
      { diameter: 200, count: 30 },
      { diameter: 500, count: 7 },
    ],
    denserAt: 'top',
    keepOff: [words],
    distance: 150,
    seed: 5,
    ...change,
  });

describe('a scatter', () => {
  it('keeps dots inside, apart, and off the words', () => {
    const { dots, left } = scatter();
    expect([dots.length, left]).toEqual([37, [0, 0]]);
    for (const { middle, diameter } of dots) {
      const radius = diameter / 2;
      expect(middle.x - radius).toBeGreaterThanOrEqual(area.x);
      expect(middle.y + radius).toBeLessThanOrEqual(area.y + area.height);
      const dx = Math.max(0, 3000 - middle.x, middle.x - 7000);
      const dy = Math.max(0, 3000 - middle.y, middle.y - 4500);
      expect(Math.hypot(dx, dy)).toBeGreaterThanOrEqual(radius + 150 - 1e-6);
      for (const other of dots)
        if (other.middle !== middle)
          expect(
            Math.hypot(middle.x - other.middle.x, middle.y - other.middle.y),
          ).toBeGreaterThanOrEqual(radius + other.diameter / 2 + 150);
    }
  });

  it('is denser at the end that is named', () => {
    const upper = (denserAt: ScatterInput['denserAt']) =>
      scatter({ denserAt, keepOff: [] }).dots.filter(({ middle }) => middle.y < 10_200).length;
    expect(upper('top')).toBeGreaterThan(upper('even'));
    expect(upper('even')).toBeGreaterThan(upper('bottom'));
  });

  it('says how many found no room, of each size', () => {
    const { dots, left } = scatter({ sizes: [{ diameter: 9000, count: 5 }], keepOff: [] });
    expect(dots.length + (left[0] ?? 0)).toBe(5);
    expect(left[0]).toBeGreaterThan(1);
    expect(scatter({ sizes: [{ diameter: 11_000, count: 2 }] }).left).toEqual([2]);
  });

  it('is the same for the same seed', () => {
    expect(scatter()).toEqual(scatter());
    expect(scatter({ seed: 6 })).not.toEqual(scatter());
  });
});
