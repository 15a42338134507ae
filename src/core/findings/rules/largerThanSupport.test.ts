import { describe, expect, it } from 'vitest';
import { afterRemedy, allFindings, firstFinding } from '../../../../test/support/findings';
import { measure, pieceOn, planOf } from '../../../../test/support/plans';
import { inches } from '../../length/length';

describe('larger than what it lies on', () => {
  it('says which sides stick out and by how much, and is mended', () => {
    const plan = planOf([pieceOn('front', 'a', measure('4 1/2', '5'))]);
    const finding = firstFinding(plan);
    expect(finding).toMatchObject({
      severity: 'stop',
      data: {
        rule: 'larger-than-support',
        over: [
          { side: 'left', by: inches(0, 1, 8) },
          { side: 'right', by: inches(0, 1, 8) },
        ],
      },
    });
    expect(allFindings(afterRemedy(plan, finding, 0))).toEqual([]);
  });

  it('takes a piece of the same size as not sticking out', () => {
    expect(allFindings(planOf([pieceOn('front', 'a', measure('4 1/4', '5 1/2'))]))).toEqual([]);
  });
});
