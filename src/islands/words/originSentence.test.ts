import { describe, expect, it } from 'vitest';
import {
  coves,
  library,
  measure,
  pieceOn,
  planOf,
  reveal,
  typed,
} from '../../../test/support/plans';
import { computeCard } from '../../core/compute/computeCard';
import type { Unit } from '../../core/length/length';
import type { PieceId } from '../../core/plan/ids';
import type { Piece } from '../../core/plan/piece';
import { sizeOriginSentence } from './originSentence';

const allRound = (text: string) => {
  const all = typed(text);
  return { left: all, top: all, right: all, bottom: all };
};

const why = (piece: Piece, unit: Unit = 'in') => {
  const { card } = computeCard(planOf([piece]), library);
  const found = card.pieces[0];
  return found && sizeOriginSentence(found.origins, found.rect, card, unit);
};

describe('why a figure is what it is', () => {
  it('is said in one sentence where one reason holds for both sides', () => {
    expect(why(pieceOn('front', 'a', reveal('1/16')))).toBe(
      'A is 4 1⁄4 × 5 1⁄2, less 1⁄16 on each side.',
    );
    expect(why(pieceOn('front', 'a', { by: 'step', overall: typed('1/2') }))).toBe(
      'A is 4 1⁄4 × 5 1⁄2, less 1⁄2 overall.',
    );
    expect(why(pieceOn('front', 'a', measure('4', '5')))).toBe('Typed as 4 × 5.');
    const die = { by: 'die', set: coves, step: 1, turned: false } as const;
    expect(why(pieceOn('front', 'a', die))).toBe(
      'Die 2 of 3 of Cove rectangles, counted from the largest.',
    );
    const { card } = computeCard(
      planOf([
        pieceOn('front', 'mat', { by: 'outset', around: 'panel' as PieceId, ...allRound('1/8') }),
        pieceOn('mat', 'panel', measure('2', '3')),
      ]),
      library,
    );
    const mat = card.pieces[0];
    expect(mat && sizeOriginSentence(mat.origins, mat.rect, card, 'in')).toBe(
      'C is 2 × 3, and 1⁄8 more on each side.',
    );
  });

  it('names each side where they differ, and rounds with the about sign', () => {
    const sides = { left: typed('1/8'), right: typed('1/4'), top: typed('1'), bottom: typed('1') };
    expect(why(pieceOn('front', 'a', { by: 'sides', ...sides }))).toBe(
      'A is 4 1⁄4 wide, less 1⁄8 left and 1⁄4 right. A is 5 1⁄2 high, less 1 on each side.',
    );
    expect(why(pieceOn('front', 'a', measure('4', '5')), 'mm')).toBe('Typed as 101.6 × 127.');
  });
});
