import { describe, expect, it } from 'vitest';
import {
  afterRemedy,
  allFindings,
  findingNames,
  firstFinding,
} from '../../../../test/support/findings';
import { pieceOn, planOf, reveal } from '../../../../test/support/plans';
import { inches } from '../../length/length';
import { papersOf } from '../../plan/pieces';

describe('a thin border', () => {
  it('is found below the visible minimum, and mended by the fine border', () => {
    const plan = planOf([pieceOn('front', 'a', reveal('1/64'))]);
    expect(firstFinding(plan).data).toMatchObject({
      rule: 'thin-reveal',
      reveal: inches(0, 1, 64),
    });
    const mended = afterRemedy(plan, firstFinding(plan), 0);
    expect(allFindings(mended)).toEqual([]);
    expect(papersOf(mended)[0]?.size).toMatchObject({ all: { ticks: inches(0, 1, 16) } });
  });

  it('is none at the minimum itself, nor where the piece is flush', () => {
    expect(findingNames(planOf([pieceOn('front', 'a', reveal('1/32'))]))).toEqual([]);
    expect(findingNames(planOf([pieceOn('front', 'a', reveal('0'))]))).toEqual([]);
  });
});
