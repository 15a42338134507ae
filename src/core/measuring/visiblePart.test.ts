import { describe, expect, it } from 'vitest';
import {
  dotOn,
  library,
  measure,
  pieceOn,
  planOf,
  stampedOn,
  typed,
  wordsOn,
  wren,
} from '../../../test/support/plans';
import { inches, type Length } from '../length/length';
import type { PieceId } from '../plan/ids';
import type { Piece } from '../plan/piece';
import { resolvePlan } from '../resolve/resolvePlan';
import { visiblePart } from './visiblePart';

describe('how much of a piece is seen', () => {
  const label = pieceOn('panel', 'label', measure('1', '1'));
  const seen = (pieces: readonly Piece[], id: string, items = library) => {
    const card = resolvePlan(
      planOf([pieceOn('front', 'panel', measure('4', '5')), ...pieces]),
      items,
    );
    const placed = [...card.pieces, ...card.marks].find((each) => each.id === id);
    if (!placed) throw new Error(`no ${id}`);
    return visiblePart(card, placed);
  };

  it('is all of it where nothing comes later, and a part less under a later piece', () => {
    expect(seen([label], 'label')).toBe(1);
    const half = pieceOn('panel', 'half', measure('1', '1'), {
      x: {
        from: 'piece',
        piece: 'label' as PieceId,
        side: 'right',
        gap: { ticks: -inches(0, 1, 2) as Length },
      },
      y: { from: 'centre' },
    });
    expect(seen([label, half], 'label')).toBeCloseTo(0.5, 5);
    expect(seen([label, half], 'half')).toBe(1);
    expect(seen([label, pieceOn('panel', 'over', measure('2', '2'))], 'label')).toBe(0);
  });

  it('does not count what lies on the piece itself', () => {
    expect(seen([label, pieceOn('label', 'top', measure('1/2', '1/2'))], 'label')).toBe(1);
    expect(seen([dotOn('panel', 'gem')], 'panel')).toBe(1);
  });

  it('of an image is what later die cuts and marks on its paper leave', () => {
    const gems = [stampedOn('panel', 'bird', wren), dotOn('panel', 'gem')];
    const part = 1 - Math.PI / 16 ** 2 / 1;
    expect(seen(gems, 'bird')).toBeCloseTo(part, 2);
    expect(seen(gems, 'gem')).toBe(1);
  });

  it('of an image that runs over the edge of its paper or of the card is what lies on it', () => {
    const at = (left: string) => ({ x: { from: 'left' as const, distance: typed(left) } });
    expect(seen([stampedOn('panel', 'bird', wren, at('3'))], 'bird')).toBeCloseTo(0.5, 2);
    expect(seen([stampedOn('inside', 'bird', wren, at('3 1/4'))], 'bird')).toBeCloseTo(0.5, 2);
    expect(seen([stampedOn('inside', 'bird', wren)], 'bird')).toBe(1);
  });

  it('is seen through what is stencilled or printed all over it', () => {
    const open = library.map((item) =>
      item.kind === 'stamp' ? { ...item, stamp: 'background' as const } : item,
    );
    const pieces = [wordsOn('panel', 'words', ['hi']), stampedOn('panel', 'mesh', wren)];
    expect(seen(pieces, 'words')).toBe(0);
    expect(seen(pieces, 'words', open)).toBe(1);
  });
});
