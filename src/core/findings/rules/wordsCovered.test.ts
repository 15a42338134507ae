import { describe, expect, it } from 'vitest';
import { find } from '../../../../test/support/findings';
import {
  coves,
  dotOn,
  drizzle,
  measure,
  pieceOn,
  rowPaper,
  stencilledOn,
  withFrames,
  wordsOn,
} from '../../../../test/support/plans';

/** Coves with a rim half an inch wide round a window. */
const frames = withFrames(50);
const panel = pieceOn('front', 'panel', measure('4', '5'));

describe('words that are hard to read', () => {
  it('under something are found, but not in the window of a frame', () => {
    const words = wordsOn('panel', 'words', ['hello']);
    const label = pieceOn('panel', 'label', measure('1', '1'));
    expect(find('words-covered', [panel, words, label])[0]).toMatchObject({
      subject: { kind: 'pair', id: 'words', other: { id: 'label' } },
      data: { by: 'thing' },
    });
    const frame = pieceOn('front', 'frame', { by: 'die', set: coves, step: 0, turned: false });
    expect(find('words-covered', [panel, words, frame], frames)).toEqual([]);
    expect(find('words-covered', [panel, words, frame])).toHaveLength(1);
    const gem = dotOn('panel', 'gem');
    expect(find('words-covered', [panel, words, gem])[0]).toMatchObject({
      subject: { other: { id: 'gem' } },
    });
    // What is stuck on comes on last, wherever the list has it.
    expect(find('words-covered', [panel, gem, words])).toHaveLength(1);
  });

  it('on printed paper are hard to read', () => {
    const printed = pieceOn('front', 'paper', measure('4', '5'), { stock: rowPaper });
    const found = find('words-covered', [printed, wordsOn('paper', 'words', ['hello'])]);
    expect(found[0]?.data).toEqual({
      rule: 'words-covered',
      by: 'printed-paper',
    });
  });

  it('on a stencilled ground are hard to read', () => {
    const pieces = [
      panel,
      stencilledOn('panel', 'rain', drizzle),
      wordsOn('panel', 'words', ['hello']),
    ];
    expect(find('words-covered', pieces)[0]).toMatchObject({
      subject: { other: { name: 'rain' } },
      data: { by: 'pattern' },
    });
  });
});
