import { describe, expect, it } from 'vitest';
import { afterRemedy, allFindings, firstFinding } from '../../../../test/support/findings';
import { pieceOn, planOf, reveal, typed } from '../../../../test/support/plans';
import type { Piece } from '../../plan/piece';
import { papersOf } from '../../plan/pieces';

const cut = (rim: string, panel: readonly Piece[]) =>
  planOf([pieceOn('front', 'mat', reveal('1/4'), { cutOut: { rim: typed(rim) } }), ...panel]);
const panel = pieceOn('mat', 'panel', reveal('1/8'));

describe('a middle cut out', () => {
  it('wants something on it and a rim that leaves a hole, else it is left whole', () => {
    expect(allFindings(cut('1/2', [panel]))).toEqual([]);
    expect(firstFinding(cut('2', [panel])).data).toMatchObject({ reason: 'rim-takes-all' });
    expect(firstFinding(cut('1/2', [])).data).toMatchObject({ reason: 'nothing-on-it' });
    const plan = cut('1/2', []);
    expect(papersOf(afterRemedy(plan, firstFinding(plan), 0))[0]?.cutOut).toBeNull();
  });
});
