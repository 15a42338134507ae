import { describe, expect, it } from 'vitest';
import { library as papers, moss } from '../../../test/support/plans';
import { emptyHolding } from '../stash/holdings';
import { substitutes } from './substitutes';
import { id, things, library } from '../../../test/support/supplies';

describe('what could do instead', () => {
  it('is of the same kind, the nearest in colour first, and there', () => {
    const gem = things[0];
    if (!gem) throw new Error('no gem');
    expect(substitutes(gem, library, []).map(({ item }) => item.id)).toEqual(['bead']);
    const gone = [{ ...emptyHolding(id('bead')), isGone: true }];
    const usedUp = [{ ...emptyHolding(id('bead')), count: 0 }];
    expect(substitutes(gem, library, gone)).toEqual([]);
    expect(substitutes(gem, library, usedUp)).toEqual([]);
  });

  it('tells what is different of a stock', () => {
    const old = papers.find((item) => item.id === moss.id);
    if (old?.kind !== 'stock') throw new Error('no moss');
    const fern = {
      ...old,
      id: id('fern'),
      colour: '#5a6c4d',
      gramsPerSquareMetre: 300,
      sheets: ['a4' as const],
    };
    const [found] = substitutes(old, [...papers, fern], []);
    expect(found?.item.id).toBe('fern');
    expect(found?.changes.map(({ kind }) => kind)).toEqual(['sheets', 'weight', 'colour']);
  });
});
