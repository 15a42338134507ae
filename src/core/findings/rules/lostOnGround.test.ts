import { describe, expect, it } from 'vitest';
import { find, mended } from '../../../../test/support/findings';
import {
  chalk,
  measure,
  pieceOn,
  stampedOn,
  wordsOn,
  wren,
  layersIn,
} from '../../../../test/support/plans';
import { printedInWish } from '../../plan/plainColours';

describe('colours on their paper', () => {
  it('words in nearly the colour of their paper are lost, and given an ink that reads', () => {
    const paper = pieceOn('front', 'panel', measure('4', '5'), { stock: chalk });
    const pale = [
      paper,
      { ...wordsOn('panel', 'words', ['hello']), print: printedInWish('#f1efe9') },
    ];
    expect(find('lost-on-ground', pale)).toHaveLength(1);
    expect(mended('lost-on-ground', pale)).toEqual([]);
  });

  it('an image one of whose inks stands out is not lost', () => {
    const paper = pieceOn('front', 'panel', measure('4', '5'), { stock: chalk });
    const bird = (colours: readonly string[]) => [
      paper,
      { ...stampedOn('panel', 'bird', wren), layers: layersIn(...colours) },
    ];
    expect(find('lost-on-ground', bird(['#f3f1ec', '#1e2428']))).toEqual([]);
    expect(find('lost-on-ground', bird(['#f3f1ec', '#fdfcfa']))[0]?.data).toMatchObject({
      isWords: false,
    });
  });
});
