import { describe, expect, it } from 'vitest';
import { find } from '../../../../test/support/findings';
import { coves, measure, pieceOn, withFrames } from '../../../../test/support/plans';
import { inches } from '../../length/length';

/** Coves with a rim an eighth of an inch wide round a window. */
const framed = withFrames(12.5);
/** The smallest of them: 3 1/2 x 4 3/4. */
const byDie = { by: 'die', set: coves, step: 2, turned: false } as const;
const panel = pieceOn('front', 'panel', measure('4 1/4', '5 1/2'));
const frame = pieceOn('panel', 'frame', byDie, { attach: 'foam-sheet' });
const picture = (width: string, height: string) => [
  panel,
  pieceOn('panel', 'picture', measure(width, height)),
  frame,
];

describe('a window', () => {
  it('whose picture reaches an eighth beyond it on every side is fine', () => {
    // The window is 3.28 wide and 4.52 high.
    expect(find('window-uncovered', picture('3 5/8', '4 7/8'), framed)).toEqual([]);
  });

  it('whose picture ends within it, or just beyond, is found with the side and the figure', () => {
    expect(find('window-uncovered', picture('3', '4 7/8'), framed)[0]?.data).toMatchObject({
      by: 'picture',
      side: 'left',
      reach: inches(0, -9, 64),
    });
    expect(find('window-uncovered', picture('3 7/16', '4 7/8'), framed)[0]?.data).toMatchObject({
      reach: inches(0, 5, 64),
    });
  });

  it('says nothing of a figure that stands in it', () => {
    expect(find('window-uncovered', picture('1', '2'), framed)).toEqual([]);
  });
});
