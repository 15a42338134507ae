import { describe, expect, it } from 'vitest';
import { ticksOf } from '../../../test/support/plans';
import { inches, lengthFromTicks } from '../length/length';
import type { Rect } from '../outline/outline';
import { placeAt } from './placeAt';

const rect = (x: string, y: string, width: string, height: string): Rect => ({
  x: ticksOf(x),
  y: ticksOf(y),
  width: ticksOf(width),
  height: ticksOf(height),
});

const panel = rect('0', '0', '4', '5');

describe('a place by the nearer edge', () => {
  it('is measured from the left and top, or from the right and bottom, whichever is nearer', () => {
    const { x, y } = placeAt(rect('1/2', '4 1/4', '1', '1/2'), panel, 0);
    expect(x).toMatchObject({ from: 'left', distance: { ticks: inches(0, 1, 2) } });
    expect(y).toMatchObject({ from: 'bottom', distance: { ticks: inches(0, 1, 4) } });
  });

  it('is negative over an edge', () => {
    const over = { ...rect('0', '1', '1', '1'), x: lengthFromTicks(-inches(0, 1, 8)) };
    expect(placeAt(over, panel, 0).x).toMatchObject({
      from: 'left',
      distance: { ticks: -inches(0, 1, 8) },
    });
  });
});
