import { describe, expect, it } from 'vitest';
import { find, mended } from '../../../../test/support/findings';
import { coves, pieceOn, typed, withFrames } from '../../../../test/support/plans';
import { inches } from '../../length/length';

/** Coves with a rim half an inch wide round a window. */
const frames = withFrames(50);
const set = { by: 'die', set: coves, step: 0, turned: false } as const;
const off = {
  x: { from: 'left', distance: { ticks: typed('0').ticks - inches(0, 1, 4) } },
  y: { from: 'centre' },
} as const;
const frame = pieceOn('front', 'frame', set, off as never);

describe('die cuts that run off the card', () => {
  it('are told by how much, and trimmed by the remedy', () => {
    expect(find('overhang', [frame], frames)[0]?.data).toEqual({
      rule: 'overhang',
      side: 'left',
      by: inches(0, 1, 4),
    });
    expect(mended('overhang', [frame], frames)).toEqual([]);
    expect(find('larger-than-support', [frame], frames)).toEqual([]);
    expect(find('larger-than-support', [frame])).toHaveLength(1);
  });
});
