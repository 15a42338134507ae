import { describe, expect, it } from 'vitest';
import {
  afterRemedy,
  allFindings,
  findingNames,
  firstFinding,
} from '../../../../test/support/findings';
import { chalk, moss, pieceOn, planOf, reveal } from '../../../../test/support/plans';
import type { Paper } from '../../plan/piece';

const onChalk = (change: Partial<Paper>) =>
  findingNames(planOf([pieceOn('front', 'a', reveal('1/8'), change)]));

describe('neighbours of nearly one colour', () => {
  it('are found, and set apart by foam, print or another colour', () => {
    expect(onChalk({ stock: chalk })).toEqual(['a near-colours']);
    expect(onChalk({ stock: chalk, attach: 'foam' })).toEqual([]);
    expect(onChalk({ stock: moss })).toEqual([]);
    const plan = planOf([pieceOn('front', 'a', reveal('1/8'), { stock: chalk })]);
    expect(allFindings(afterRemedy(plan, firstFinding(plan), 0))).toEqual([]);
  });
});
