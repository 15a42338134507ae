import { describe, expect, it } from 'vitest';
import { find } from '../../../../test/support/findings';
import { measure, pieceOn, typed } from '../../../../test/support/plans';
import { inches } from '../../length/length';
import type { PlaceRule } from '../../plan/piece';

const at = (left: string, top: string): PlaceRule => ({
  x: { from: 'left', distance: typed(left) },
  y: { from: 'top', distance: typed(top) },
  turn: 0,
});
const panel = pieceOn('front', 'panel', measure('4 1/4', '5 1/2'));
const pieces = (top: string) => [
  panel,
  pieceOn('panel', 'sky', measure('4 1/4', '3'), at('0', '0')),
  pieceOn('panel', 'sea', measure('4 1/4', '2 1/2'), at('0', top)),
];

describe('an end that another piece is to hide', () => {
  it('and hides too little of is found; one that leaves a slit as well', () => {
    expect(find('short-end', pieces('2 15/16'))[0]).toMatchObject({
      subject: { id: 'sky', other: { id: 'sea' } },
      data: { side: 'bottom', reach: inches(0, 1, 16) },
    });
    expect(find('short-end', pieces('3 1/16'))[0]?.data).toMatchObject({
      reach: inches(0, -1, 16),
    });
  });

  it('and hides well, or meets edge to edge, is fine', () => {
    expect(find('short-end', pieces('2 3/4'))).toEqual([]);
    expect(find('short-end', pieces('3'))).toEqual([]);
    expect(find('short-end', pieces('3 1/4'))).toEqual([]);
  });
});
