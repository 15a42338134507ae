import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { dotOn, planOf } from '../../../test/support/plans';
import { applyEdit } from './applyEdit';
import { batchEdits } from './batchEdits';
import type { SimpleEdit } from './edit';
import type { PieceId } from './ids';
import { compareOrder, isOrderKey, keysBetween, type OrderKey } from './orderKeys';
import { movePieceTo, putPieces } from './pieceEdits';
import type { Plan } from './plan';

const after = (plan: Plan, edits: readonly SimpleEdit[]): Plan => {
  const outcome = applyEdit(plan, batchEdits(edits));
  if (!outcome.ok) throw new Error(JSON.stringify(outcome.issue));
  return outcome.plan;
};
const idsOf = ({ pieces }: Plan) => pieces.map(({ id }) => id);
const named = (...ids: readonly string[]) => ids.map((id) => dotOn('front', id));
const withOrders = (...orders: readonly string[]): Plan => {
  const plan = planOf(named(...orders.map((_, at) => `p${at}`)));
  const pieces = plan.pieces.map((piece, at) => ({ ...piece, order: orders[at] as OrderKey }));
  return { ...plan, pieces: pieces.toSorted(compareOrder) };
};

describe('pieces put and moved by their place in the list', () => {
  it('come where a list would have them, whatever is done (seed 41)', () => {
    const step = fc.record({ isMove: fc.boolean(), from: fc.nat(40), to: fc.nat(40) });
    fc.assert(
      fc.property(fc.array(step, { maxLength: 40 }), (steps) => {
        let plan = planOf(named('a', 'b', 'c'));
        let list = idsOf(plan);
        for (const [at, { isMove, from, to }] of steps.entries()) {
          const id = isMove ? (list[from % list.length] as PieceId) : (`new-${at}` as PieceId);
          const others = list.filter((each) => each !== id);
          const index = to % (others.length + 1);
          plan = after(
            plan,
            isMove ? movePieceTo(plan, id, index) : putPieces(plan, index, named(id)),
          );
          list = [...others.slice(0, index), id, ...others.slice(index)];
          expect(idsOf(plan)).toEqual(list);
        }
      }),
      { seed: 41, numRuns: 100 },
    );
  });

  it('come between two that have one key, which are set apart by it', () => {
    const plan = withOrders('a0', 'a1', 'a1', 'a1', 'a2');
    expect(idsOf(plan)).toEqual(['p0', 'p1', 'p2', 'p3', 'p4']);
    const next = after(plan, putPieces(plan, 2, named('x', 'y')));
    expect(idsOf(next)).toEqual(['p0', 'p1', 'x', 'y', 'p2', 'p3', 'p4']);
    expect(new Set(next.pieces.map(({ order }) => order)).size).toBe(7);
  });

  it('are dealt keys anew before those grow too long', () => {
    let plan = planOf(named('a', 'b'));
    for (let at = 0; at < 300; at++) plan = after(plan, putPieces(plan, 1, named(`n${at}`)));
    expect(idsOf(plan).slice(0, 3)).toEqual(['a', 'n299', 'n298']);
    expect(Math.max(...plan.pieces.map(({ order }) => order.length))).toBeLessThanOrEqual(40);
  });
});

describe('order keys', () => {
  it('are made between others, and told from other texts', () => {
    const keys = keysBetween('a0' as OrderKey, 'a1' as OrderKey, 3);
    expect(['a0', ...keys, 'a1'].toSorted()).toEqual(['a0', ...keys, 'a1']);
    expect(keys.every(isOrderKey)).toBe(true);
    expect(['', 'a', 'a00', '!', 'zz', 'ä0', 'A00000000000000000000000000'].some(isOrderKey)).toBe(
      false,
    );
    expect(() => keysBetween('a1' as OrderKey, 'a0' as OrderKey, 1)).toThrow(RangeError);
  });
});
