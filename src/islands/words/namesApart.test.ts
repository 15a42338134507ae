import { describe, expect, it } from 'vitest';
import { dotOn, library, measure, pieceOn, planOf } from '../../../test/support/plans';
import type { PieceId } from '../../core/plan/ids';
import { resolvePlan } from '../../core/resolve/resolvePlan';
import { namesApart } from './namesApart';

describe('things of one name', () => {
  const named = (id: string, name: string) => ({
    ...pieceOn('front', id, measure('3', '4')),
    name,
  });
  const nameApart = namesApart(
    resolvePlan(
      planOf([
        named('one', 'Panel'),
        named('two', 'Panel'),
        named('three', 'Sky'),
        { ...dotOn('one', 'back'), name: 'Gem' },
        { ...dotOn('one', 'front'), name: 'Gem' },
      ]),
      library,
    ),
  );

  const nameOf = (id: string) => nameApart({ id: id as PieceId, name: 'unknown' });

  it('are told by letter or number, others by their name alone', () => {
    expect(['one', 'two', 'three'].map(nameOf)).toEqual(['Panel B', 'Panel C', 'Sky']);
  });

  it('are counted from the front', () => {
    expect(['front', 'back'].map(nameOf)).toEqual(['Gem 1', 'Gem 2']);
  });
});
