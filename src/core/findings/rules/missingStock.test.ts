import { describe, expect, it } from 'vitest';
import { firstFinding } from '../../../../test/support/findings';
import { chalk, pieceOn, planOf, reveal } from '../../../../test/support/plans';

describe('a stock that is missing', () => {
  it('names a stock the stash does not hold', () => {
    const piece = { ...pieceOn('front', 'a', reveal('1/8')), stock: { ...chalk, version: 9 } };
    expect(firstFinding(planOf([piece])).data).toEqual({
      rule: 'missing-stock',
      libraryId: 'chalk',
    });
  });
});
