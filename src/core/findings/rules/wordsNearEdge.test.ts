import { describe, expect, it } from 'vitest';
import { find, mended } from '../../../../test/support/findings';
import { measure, pieceOn, typed, wordsOn } from '../../../../test/support/plans';
import { inches } from '../../length/length';

const panel = pieceOn('front', 'panel', measure('4', '5'));
const left = (distance: string) => ({ x: { from: 'left', distance: typed(distance) } }) as const;

describe('words near an edge', () => {
  it('nearer to an edge than an eighth are found, and moved in or centred', () => {
    const near = [panel, wordsOn('panel', 'words', ['hello'], left('1/16'))];
    expect(find('words-near-edge', near)[0]?.data).toMatchObject({
      sides: ['left'],
      least: inches(0, 1, 16),
      isTooShort: false,
    });
    expect(find('words-near-edge', near)[0]?.remedies.map(({ id }) => id)).toEqual([
      'move',
      'centred',
    ]);
    expect(mended('words-near-edge', near)).toEqual([]);
    expect(
      find('words-near-edge', [panel, wordsOn('panel', 'words', ['hello'], left('1/8'))]),
    ).toEqual([]);
  });

  it('too large for their strip say so, without a remedy that would not help', () => {
    const strip = pieceOn('front', 'strip', measure('1', '1/4'));
    const [found] = find('words-near-edge', [strip, wordsOn('strip', 'words', ['a longer line'])]);
    expect(found?.data).toMatchObject({ isTooShort: true });
    expect(found?.remedies).toEqual([]);
  });
});
