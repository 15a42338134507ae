import { describe, expect, it } from 'vitest';
import { find, mended } from '../../../../test/support/findings';
import { coves, measure, pieceOn, withFrames } from '../../../../test/support/plans';
import { inches } from '../../length/length';
import type { Paper } from '../../plan/piece';

/** Coves with a rim an eighth of an inch wide round a window. */
const framed = withFrames(12.5);
const panel = pieceOn('front', 'panel', measure('4 1/4', '5 1/2'));

describe('foam', () => {
  it('wider than the rim of its frame is found; a sheet cut to the piece is not', () => {
    const frame = (attach: Paper['attach']) => [
      panel,
      pieceOn('panel', 'frame', { by: 'die', set: coves, step: 0, turned: false }, { attach }),
    ];
    expect(find('foam-wide', frame('foam'), framed)[0]?.data).toMatchObject({
      rim: inches(0, 1, 8),
      foam: inches(0, 1, 4),
    });
    expect(mended('foam-wide', frame('foam'), framed)).toEqual([]);
    expect(find('foam-wide', frame('liquid'), framed)).toEqual([]);
  });

  it('wider than a strip is found, and not under one that hides it', () => {
    const strip = (height: string) => [
      panel,
      pieceOn('panel', 'strip', measure('3', height), { attach: 'foam' }),
    ];
    expect(find('foam-wide', strip('3/16'))).toHaveLength(1);
    expect(find('foam-wide', strip('1/2'))).toEqual([]);
  });
});
