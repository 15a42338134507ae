import { describe, expect, it } from 'vitest';
import {
  afterRemedy,
  allFindings,
  findingNames,
  firstFinding,
} from '../../../../test/support/findings';
import { coves, moss, pieceOn, planOf, reveal, typed } from '../../../../test/support/plans';
import { inches } from '../../length/length';
import type { PieceId } from '../../plan/ids';
import { papersOf } from '../../plan/pieces';

describe('what cannot be resolved', () => {
  it('is one finding for a cause, and none for what merely lies on it', () => {
    const plan = planOf([
      pieceOn('a', 'a', reveal('1/8'), { stock: moss }),
      pieceOn('a', 'b', reveal('1/8')),
      pieceOn('front', 'c', reveal('3')),
    ]);
    expect(findingNames(plan)).toEqual(['a impossible-piece', 'c impossible-piece']);
    const mended = afterRemedy(plan, firstFinding(plan), 0);
    expect(allFindings(mended).map(({ subject }) => subject.name)).toEqual(['c']);
  });

  it('names a face the fold does not have, and puts the piece on the front', () => {
    const plan = planOf([pieceOn('inside', 'liner', reveal('1/8'))], { fold: 'flat' });
    expect(firstFinding(plan).data).toMatchObject({ reason: { code: 'no-face', face: 'inside' } });
    expect(allFindings(afterRemedy(plan, firstFinding(plan), 0))).toEqual([]);
  });

  it('gives a mat round nothing, or by a die that is not there, an everyday border', () => {
    const eighth = typed('1/8');
    const round = { left: eighth, top: eighth, right: eighth, bottom: eighth };
    const outset = { by: 'outset', around: 'gone' as PieceId, ...round } as const;
    const die = { by: 'die', set: { ...coves, version: 7 }, step: 0, turned: false } as const;
    for (const size of [outset, die]) {
      const plan = planOf([pieceOn('front', 'a', size)]);
      const mended = afterRemedy(plan, firstFinding(plan), 0);
      expect(allFindings(mended)).toEqual([]);
      expect(papersOf(mended)[0]?.size).toMatchObject({
        by: 'reveal',
        all: { ticks: inches(0, 1, 8) },
      });
    }
  });
});
