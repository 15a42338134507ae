import { describe, expect, it } from 'vitest';
import { find, mended } from '../../../../test/support/findings';
import { dotOn, measure, pieceOn, stampedOn, typed, wren } from '../../../../test/support/plans';
import { inches } from '../../length/length';

const panel = pieceOn('front', 'panel', measure('4', '5'));
const left = (distance: string) => ({ x: { from: 'left', distance: typed(distance) } }) as const;

describe('what stands a little off the middle', () => {
  it('is found between a mark and an eighth, and centred', () => {
    const off = (distance: string) => [panel, stampedOn('panel', 'bird', wren, left(distance))];
    expect(find('off-centre', off('1 3/32'))[0]?.data).toMatchObject({
      axis: 'x',
      by: inches(0, 3, 32),
    });
    expect(mended('off-centre', off('1 3/32'))).toEqual([]);
    expect(find('off-centre', off('1 1/16'))).toEqual([]);
    expect(find('off-centre', off('1 3/16'))).toEqual([]);
  });

  it('is not sought among several pictures, in a group, or of dots', () => {
    const bird = stampedOn('panel', 'bird', wren, left('1 3/32'));
    expect(find('off-centre', [panel, bird, stampedOn('panel', 'other', wren)])).toEqual([]);
    expect(find('off-centre', [panel, { ...bird, group: 'wreath' }])).toEqual([]);
    expect(find('off-centre', [panel, dotOn('panel', 'gem', left('2'))])).toEqual([]);
  });
});
