import { describe, expect, it } from 'vitest';
import { find, mended } from '../../../../test/support/findings';
import {
  coves,
  measure,
  pieceOn,
  stampedOn,
  typed,
  withFrames,
  wren,
} from '../../../../test/support/plans';
import type { Library } from '../../plan/library';
import type { Piece, PlaceRule } from '../../plan/piece';

/** Coves with a rim an eighth of an inch wide round a window. */
const framed = withFrames(12.5);
const at = (left: string, top: string): PlaceRule => ({
  x: { from: 'left', distance: typed(left) },
  y: { from: 'top', distance: typed(top) },
  turn: 0,
});
const panel = pieceOn('front', 'panel', measure('4 1/4', '5 1/2'));
const frame = pieceOn('panel', 'frame', { by: 'die', set: coves, step: 2, turned: false });
/** Wider than most of a window 2 inches wide. */
const small: Library = framed.map((item) =>
  item.kind === 'die-set' ? { ...item, steps: [{ width: typed('2'), height: typed('3') }] } : item,
);
const scene = (top: string): readonly Piece[] => [
  panel,
  stampedOn('panel', 'bird', wren, at('1 1/8', top)),
  { ...frame, size: { by: 'die', set: coves, step: 0, turned: false } },
];

describe('an image in an opening', () => {
  it('that ends above the foot of it is found, and let down to the rim', () => {
    // The frame is centred: its window ends 3 inches less the rim of 3/32 (12.5 of 525) below 1 1/4.
    const [found] = find('image-short', scene('2'), small);
    expect(found?.data).toMatchObject({ gap: Math.round(406400 * (1.25 + 3 * (512.5 / 525) - 3)) });
    expect(mended('image-short', scene('2'), small)).toEqual([]);
  });

  it('that stands on something is not', () => {
    const ground = pieceOn('panel', 'ground', measure('4 1/4', '1'), at('0', '2 7/8'));
    const [base, bird, front] = scene('2');
    if (!base || !bird || !front) throw new Error('expected a scene');
    expect(find('image-short', [base, ground, bird, front], small)).toEqual([]);
  });
});
