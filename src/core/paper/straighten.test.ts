import { describe, expect, it } from 'vitest';
import {
  inches,
  millimetres,
  TICKS_PER_MILLIMETRE,
  type Degrees,
  type Size,
} from '../length/length';
import { straighten } from './straighten';

const size = (width: Size['width'], height: Size['height']): Size => ({ width, height });

describe('straightening', () => {
  // Common practice, computed: a 105 x 148 mm panel stamped 1 degree aslant leaves 102.46 x 146.23 mm.
  it('leaves of a panel stamped aslant what the trade reckons', () => {
    const panel = size(millimetres(105), millimetres(148));
    const left = straighten(panel, 1 as Degrees);
    expect((left?.width ?? 0) / TICKS_PER_MILLIMETRE).toBeCloseTo(102.46, 2);
    expect((left?.height ?? 0) / TICKS_PER_MILLIMETRE).toBeCloseTo(146.23, 2);
    expect(straighten(panel, -1 as Degrees)).toEqual(left);
    expect(straighten(panel, 0 as Degrees)).toEqual(panel);
  });

  // The corners of what is left, turned back by the slope, must lie in the panel.
  it('never leaves more than the panel holds, and nothing when too much is aslant', () => {
    const panel = size(inches(3), inches(4));
    for (let slope = 0.5; slope < 20; slope += 0.5) {
      const left = straighten(panel, slope as Degrees);
      if (!left) throw new Error(`nothing is left at ${slope}`);
      const t = (slope * Math.PI) / 180;
      const across = left.width * Math.cos(t) + left.height * Math.sin(t);
      const down = left.width * Math.sin(t) + left.height * Math.cos(t);
      expect(across).toBeLessThanOrEqual(panel.width + 1e-6);
      expect(down).toBeLessThanOrEqual(panel.height + 1e-6);
    }
    expect(straighten(panel, 45 as Degrees)).toBeUndefined();
    expect(straighten(size(inches(1), inches(8)), 10 as Degrees)).toBeUndefined();
  });
});
