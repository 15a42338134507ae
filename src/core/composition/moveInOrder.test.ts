import { describe, expect, it } from 'vitest';
import { dotOn, measure, pieceOn, planOf, ribbonOn } from '../../../test/support/plans';
import { applyEdit } from '../plan/applyEdit';
import type { PieceId } from '../plan/ids';
import { moveInOrder, movePast } from './moveInOrder';

const plan = planOf([
  pieceOn('front', 'panel', measure('3', '4')),
  dotOn('panel', 'a'),
  dotOn('front', 'other'),
  dotOn('panel', 'b'),
  dotOn('panel', 'c'),
  dotOn('panel', 'd'),
]);
const order = (places: number, ...ids: readonly string[]) => {
  const edit = moveInOrder(plan, new Set(ids as readonly PieceId[]), places);
  if (!edit) return undefined;
  const outcome = applyEdit(plan, edit);
  if (!outcome.ok) throw new Error(outcome.issue.code);
  return outcome.plan.pieces
    .filter(({ on }) => 'piece' in on)
    .map(({ id }) => id)
    .join(' ');
};

describe('what lies in front', () => {
  it.each([
    [1, ['a'], 'b a c d'],
    [2, ['a'], 'b c a d'],
    [-1, ['d'], 'a b d c'],
    [9, ['b'], 'a c d b'],
    [-9, ['c'], 'c a b d'],
    // Together, and gathered where they were apart.
    [1, ['a', 'b'], 'c a b d'],
    [-1, ['c', 'd'], 'a c d b'],
    [1, ['a', 'c'], 'b d a c'],
    [1, ['d'], undefined],
    [-1, ['a', 'b'], undefined],
  ] as const)('goes by %d places: %j', (places, ids, expected) => {
    expect(order(places, ...ids)).toBe(expected);
  });

  it.each([
    ['a', 'c', 'b c a d'],
    ['d', 'a', 'd a b c'],
    ['b', 'a', 'b a c d'],
  ])('is %s dragged to the place of %s', (id, past, expected) => {
    const edit = movePast(plan, new Set([id as PieceId]), past as PieceId);
    const outcome = edit && applyEdit(plan, edit);
    const after = outcome?.ok ? outcome.plan.pieces : [];
    expect(
      after
        .filter(({ on }) => 'piece' in on)
        .map((each) => each.id)
        .join(' '),
    ).toBe(expected);
  });

  it('goes over the next paper with a ribbon, and under it again', () => {
    const papers = planOf([
      pieceOn('front', 'mat', measure('4', '5')),
      dotOn('mat', 'gem'),
      ribbonOn('mat', 'ribbon'),
      pieceOn('mat', 'panel', measure('3', '4')),
      pieceOn('panel', 'label', measure('1', '1')),
      pieceOn('front', 'beside', measure('1', '1')),
    ]);
    const after = (edit: ReturnType<typeof moveInOrder>) => {
      const outcome = edit && applyEdit(papers, edit);
      return outcome?.ok ? outcome.plan.pieces.map(({ id }) => id).join(' ') : undefined;
    };
    const ids = new Set(['ribbon' as PieceId]);
    const over = 'mat gem panel ribbon label beside';
    expect(after(moveInOrder(papers, ids, 1))).toBe(over);
    expect(after(moveInOrder(papers, ids, 5))).toBe('mat gem panel label ribbon beside');
    expect(moveInOrder(papers, ids, -1)).toBeUndefined();
    expect(after(movePast(papers, ids, 'panel' as PieceId))).toBe(over);
    expect(movePast(papers, ids, 'beside' as PieceId)).toBeUndefined();
    // A gem has no order with a ribbon: it is stuck on its paper, under it.
    expect(moveInOrder(papers, new Set(['gem' as PieceId]), 1)).toBeUndefined();
  });

  it('goes past a whole group, and stays among what lies on the same thing', () => {
    const dots = ['b', 'c', 'd'].map((id) => ({ ...dotOn('panel', id), group: 'dots' }));
    const grouped = planOf([
      pieceOn('front', 'panel', measure('3', '4')),
      dotOn('panel', 'a'),
      ...dots,
      dotOn('front', 'other'),
    ]);
    const past = (id: string) => movePast(grouped, new Set(['a' as PieceId]), id as PieceId);
    const edit = past('c');
    const outcome = edit && applyEdit(grouped, edit);
    expect(outcome?.ok && outcome.plan.pieces.map(({ id }) => id).join(' ')).toBe(
      'panel b c d a other',
    );
    for (const elsewhere of ['other', 'panel', 'a', 'nothing'])
      expect(past(elsewhere)).toBeUndefined();
  });

  it('is a paper past its neighbour, as among the layers', () => {
    const two = planOf([
      pieceOn('front', 'low', measure('3', '4')),
      pieceOn('front', 'high', measure('1', '1')),
    ]);
    const edit = moveInOrder(two, new Set(['low' as PieceId]), 1);
    const outcome = edit && applyEdit(two, edit);
    expect(outcome?.ok && outcome.plan.pieces.map(({ id }) => id)).toEqual(['high', 'low']);
  });

  it('is past a whole group at once', () => {
    const ring = planOf([
      dotOn('front', 'words'),
      ...['x', 'y', 'z'].map((id) => ({ ...dotOn('front', id), group: 'ring' })),
    ]);
    const edit = moveInOrder(ring, new Set(['words' as PieceId]), 1);
    const outcome = edit && applyEdit(ring, edit);
    expect(outcome?.ok && outcome.plan.pieces.map(({ id }) => id).join(' ')).toBe('x y z words');
  });
});
