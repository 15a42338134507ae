import { describe, expect, it } from 'vitest';
import { dotOn, library, measure, pieceOn, planOf } from '../../../test/support/plans';
import { placedById } from '../resolve/resolvedCard';
import { resolvePlan } from '../resolve/resolvePlan';
import type { PieceId } from '../plan/ids';
import { newSupport } from './newSupport';

const card = resolvePlan(
  planOf([
    pieceOn('front', 'paper', measure('4', '5')),
    pieceOn('paper', 'mat', measure('3 1/2', '4 1/2')),
    pieceOn('mat', 'top', measure('3', '4')),
    pieceOn('top', 'label', measure('2', '1/2')),
    dotOn('paper', 'dot'),
  ]),
  library,
);
const on = (id?: string) =>
  newSupport(card, 'front', id === undefined ? undefined : placedById(card, id as PieceId));

describe('what new things go on', () => {
  it('is the selected paper, or the panel of its stack that is not hidden', () => {
    expect(on('label')).toEqual({ piece: 'label' });
    expect(on('top')).toEqual({ piece: 'top' });
    expect(on('paper')).toEqual({ piece: 'top' });
  });

  it('is what a selected mark lies on, and else the foremost panel', () => {
    expect(on('dot')).toEqual({ piece: 'paper' });
    expect(on()).toEqual({ piece: 'label' });
  });
});
