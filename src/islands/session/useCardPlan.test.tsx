import { act, cleanup, renderHook } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { library, measure, pieceOn, planOf } from '../../../test/support/plans';
import { changePiece } from '../../core/plan/pieceEdits';
import { useCardPlan } from './useCardPlan';

vi.mock('./useSaving', async (original) => ({
  ...(await original<object>()),
  useSaving: () => ({
    add: vi.fn(),
    flush: () => Promise.resolve(),
    restart: vi.fn(),
    revision: 1,
    saveState: { kind: 'saved' },
  }),
}));
afterEach(cleanup);

const panel = pieceOn('front', 'panel', measure('3', '4'));
const named = (name: string) => changePiece(panel, { name });

describe('what is shown of a change that is not made', () => {
  const show = () => {
    const start = { cardId: 'card', plan: planOf([panel]), revision: 1, library, build: '' };
    return renderHook(() => useCardPlan(start)).result;
  };
  const names = ({ plan, settled }: ReturnType<typeof useCardPlan>) =>
    [plan, settled.plan].map(({ pieces }) => pieces[0]?.name);

  it('is drawn and looked over while it is typed', () => {
    const result = show();
    act(() => result.current.preview(named('typed')));
    expect(names(result.current)).toEqual(['typed', 'typed']);
  });

  it('is drawn only while it is in the hand', () => {
    const result = show();
    act(() => result.current.preview(named('dragged'), true));
    expect(names(result.current)).toEqual(['dragged', 'panel']);
    act(() => {
      result.current.preview(undefined);
      result.current.commit(named('dragged'));
    });
    expect(names(result.current)).toEqual(['dragged', 'dragged']);
  });
});
