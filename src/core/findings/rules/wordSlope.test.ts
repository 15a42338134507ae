import { describe, expect, it } from 'vitest';
import { find, mended } from '../../../../test/support/findings';
import { measure, pieceOn, stampedOn, wordsOn, wren } from '../../../../test/support/plans';

const panel = pieceOn('front', 'panel', measure('4', '5'));

describe('words that slope', () => {
  it('that slope by a slip are found, and laid straight; a slope that is meant is not', () => {
    const sloping = (turn: number) => [panel, wordsOn('panel', 'words', ['hello'], { turn })];
    expect(find('word-slope', sloping(1))[0]?.data).toEqual({ rule: 'word-slope', degrees: 1 });
    expect(mended('word-slope', sloping(-2))).toEqual([]);
    expect(find('word-slope', sloping(0))).toEqual([]);
    expect(find('word-slope', sloping(12))).toEqual([]);
    expect(find('word-slope', [panel, stampedOn('panel', 'bird', wren, { turn: 2 })])).toEqual([]);
  });
});
