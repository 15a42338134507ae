import { describe, expect, it } from 'vitest';
import { after } from '../../../test/support/edits';
import { planOf } from '../../../test/support/plans';
import { batchEdits } from './batchEdits';
import { decideOverlap } from './decideOverlap';
import { editBetween } from './editBetween';
import type { PieceId } from './ids';
import { planSchema, type Plan } from './plan';

const [bean, shed] = ['bean', 'shed'] as PieceId[] as [PieceId, PieceId];
const decide = (plan: Plan, a: PieceId, b: PieceId, first: PieceId | null | undefined) =>
  after(plan, batchEdits(decideOverlap(plan, a, b, first)));

describe('what is decided of two prints', () => {
  it('is kept once, whichever is named first, and taken back', () => {
    const once = decide(planOf([]), shed, bean, shed);
    expect(once.overlaps).toEqual([{ between: [bean, shed], first: shed }]);
    const anew = decide(once, bean, shed, null);
    expect(anew.overlaps).toEqual([{ between: [bean, shed], first: null }]);
    expect(decide(anew, bean, shed, undefined).overlaps).toEqual([]);
  });

  it('is brought over by the edit between two plans, decided anew too', () => {
    const none = planOf([]);
    const first = decide(none, bean, shed, bean);
    const other = decide(none, bean, shed, null);
    for (const [from, to] of [
      [none, first],
      [first, other],
      [other, none],
    ] as const)
      expect(after(from, editBetween(from, to)).overlaps).toEqual(to.overlaps);
  });

  it('is refused for a first that is none of the two, ids the wrong way about, and told twice', () => {
    const issue = (overlaps: unknown) =>
      planSchema.safeParse({ ...planOf([]), overlaps }).error?.issues[0]?.message;
    expect(issue([{ between: [bean, shed], first: 'barrow' }])).toBe('the first is one of the two');
    expect(issue([{ between: [shed, bean], first: null }])).toBe('two pieces, the lower id first');
    const both = { between: [bean, shed], first: null };
    expect(issue([both, { ...both, first: bean }])).toBe('two pieces are told of once');
    expect(issue([both])).toBeUndefined();
  });
});
