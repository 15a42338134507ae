import { describe, expect, it } from 'vitest';
import { afterRemedy, findingNames, firstFinding } from '../../../../test/support/findings';
import { measure, pieceOn, planOf, reveal, typed } from '../../../../test/support/plans';

const plan = planOf([pieceOn('front', 'mat', reveal('1/8')), pieceOn('mat', 'panel', reveal('0'))]);

describe('a hidden layer', () => {
  it('is one that is covered whole, and is turned off', () => {
    expect(findingNames(plan)).toEqual(['mat hidden-layer']);
    expect(afterRemedy(plan, firstFinding(plan), 0).pieces[0]?.isOff).toBe(true);
  });

  it('is none where a sliver shows, or on another face', () => {
    const shifted = { x: { from: 'left', distance: typed('0') }, y: { from: 'centre' } } as const;
    expect(
      findingNames(
        planOf([
          pieceOn('front', 'mat', measure('4', '5'), shifted),
          pieceOn('mat', 'panel', measure('3 15/16', '5'), shifted),
          pieceOn('back', 'label', measure('4 1/4', '5 1/2')),
        ]),
      ),
    ).toEqual([]);
  });
});
