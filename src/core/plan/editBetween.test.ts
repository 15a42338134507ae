import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { chalk, pieceOn, planOf, reveal } from '../../../test/support/plans';
import { applyEdit } from './applyEdit';
import { defaultHabits } from './habits';
import { editBetween } from './editBetween';
import type { PieceId } from './ids';
import type { Plan } from './plan';
import { pair } from '../../../test/support/edits';

const anyPlan: fc.Arbitrary<Plan> = fc
  .record({
    title: fc.constantFrom('One', 'Two'),
    copies: fc.integer({ min: 1, max: 3 }),
    fold: fc.constantFrom('side' as const, 'tent' as const),
    isLedInMillimetres: fc.boolean(),
    order: fc.shuffledSubarray(['a', 'b', 'c', 'd']),
    border: fc.constantFrom('1/8', '1/4'),
    isAccepted: fc.boolean(),
    uses: fc.subarray(['gem', 'dot', 'ink']),
  })
  .map(({ title, copies, fold, isLedInMillimetres, order, border, isAccepted, uses }) => {
    const plan = planOf(
      order.map((name, index) => pieceOn(order[index - 1] ?? 'front', name, reveal(border))),
      { fold },
    );
    return {
      ...plan,
      about: { ...plan.about, title },
      making: { ...plan.making, copies },
      uses: uses
        .map((name) => ({
          id: name as PieceId,
          item: chalk,
          amount: copies,
          pieceId: null,
          note: '',
        }))
        .toSorted((a, b) => (a.id < b.id ? -1 : 1)),
      habits: isLedInMillimetres ? defaultHabits('mm') : plan.habits,
      accepted: isAccepted ? [{ rule: 'unequal-borders' as const, subject: 'card' }] : [],
    };
  });

describe('the edit between two plans', () => {
  it.each([11, 12, 13])('makes the one of the other, and back (seed %i)', (seed) => {
    fc.assert(
      fc.property(anyPlan, anyPlan, (from, to) => {
        const outcome = applyEdit(from, editBetween(from, to));
        if (!outcome.ok) throw new Error(outcome.issue.code);
        expect(outcome.plan).toEqual(to);
        const back = applyEdit(outcome.plan, outcome.inverse);
        expect(back.ok && back.plan).toEqual(from);
      }),
      { seed, numRuns: 100 },
    );
  });

  it('touches only what differs', () => {
    expect(editBetween(pair, pair)).toEqual({ kind: 'batch', edits: [] });
    const words = pair.pieces[3];
    if (!words) throw new Error('no words');
    const pieces = [...pair.pieces.slice(0, 3), { ...words, name: 'Hello' }];
    expect(editBetween(pair, { ...pair, pieces })).toMatchObject({
      kind: 'change',
      id: 'words',
    });
  });
});
