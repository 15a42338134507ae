import { describe, expect, it } from 'vitest';
import { find, mended } from '../../../../test/support/findings';
import { measure, pieceOn, typed } from '../../../../test/support/plans';
import { millimetres } from '../../length/length';
import type { Paper, PlaceRule } from '../../plan/piece';

const at = (left: string, top: string): PlaceRule => ({
  x: { from: 'left', distance: typed(left) },
  y: { from: 'top', distance: typed(top) },
  turn: 0,
});
const panel = pieceOn('front', 'panel', measure('4 1/4', '5 1/2'));
const hill = pieceOn('panel', 'hill', measure('2', '2'), { place: at('0', '0'), attach: 'foam' });
const banner = (change: Partial<Paper>) =>
  pieceOn('panel', 'banner', measure('4', '1/2'), { place: at('0', '1 1/2'), ...change });

describe('a piece on two heights', () => {
  it('stands aslant, and is lifted as much with one key', () => {
    const pieces = [panel, hill, banner({ attach: 'tape' })];
    expect(find('two-heights', pieces)[0]).toMatchObject({
      subject: { id: 'banner', other: { id: 'hill' } },
      data: { height: millimetres(1.7) },
    });
    expect(mended('two-heights', pieces)).toEqual([]);
  });

  it('is fine where it bends over a layer of card, or lies on it whole', () => {
    const flat = pieceOn('panel', 'hill', measure('2', '2'), { place: at('0', '0') });
    expect(find('two-heights', [panel, flat, banner({ attach: 'tape' })])).toEqual([]);
    const wide = pieceOn('panel', 'hill', measure('4 1/4', '3'), { attach: 'foam' });
    expect(find('two-heights', [panel, wide, pieceOn('panel', 'on', measure('1', '1'))])).toEqual(
      [],
    );
  });
});
