import { describe, expect, it } from 'vitest';
import {
  afterRemedy,
  allFindings,
  findingNames,
  firstFinding,
} from '../../../../test/support/findings';
import { measure, pieceOn, planOf, typed } from '../../../../test/support/plans';
import { inches } from '../../length/length';

const at = (distance: string, fold: 'side' | 'tent' = 'side') =>
  planOf(
    [
      pieceOn('inside', 'liner', measure('3 1/2', '5'), {
        x: { from: 'left', distance: typed(distance) },
        y: { from: 'top', distance: typed('1/4') },
      }),
    ],
    { fold },
  );

describe('a liner at the score', () => {
  it('is found where it is nearer to the score than to the other edges', () => {
    expect(firstFinding(at('1/8')).data).toMatchObject({
      rule: 'liner-at-score',
      side: 'left',
      reveal: inches(0, 1, 8),
      elsewhere: inches(0, 1, 4),
    });
    expect(allFindings(afterRemedy(at('1/8'), firstFinding(at('1/8')), 0))).toEqual([]);
    expect(allFindings(at('1/4'))).toEqual([]);
    // A tent is scored on top, so its left edge is free.
    expect(allFindings(at('1/8', 'tent'))).toEqual([]);
  });

  it('stops the card where it crosses, and is then no piece sticking out', () => {
    const crossing = planOf([
      pieceOn('inside', 'liner', measure('4', '5'), {
        x: { from: 'right', distance: typed('1/2') },
        y: { from: 'centre' },
      }),
    ]);
    expect(firstFinding(crossing)).toMatchObject({
      severity: 'stop',
      data: { rule: 'liner-at-score' },
    });
    expect(findingNames(crossing)).toEqual(['liner liner-at-score']);
  });
});
