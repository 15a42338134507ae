import { act, cleanup, renderHook } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { CutPlan } from '../../core/cutting/cutPlan';
import { millimetres } from '../../core/length/length';
import type { CutJob } from '../../core/cutting/cutJob';
import type { Planning } from './planner';
import { usePlanning } from './usePlanning';

/** The searches begun, in their order; the test says what each finds. */
const searches: {
  job: CutJob;
  tell: (state: Planning) => void;
  end: () => void;
  drop: () => void;
}[] = [];
vi.mock('./planner', () => ({
  planInWorker: (job: CutJob, tell: (state: Planning) => void) => {
    const search = { job, tell, end: vi.fn(), drop: vi.fn() };
    searches.push(search);
    return search;
  },
}));

beforeEach(() => {
  searches.length = 0;
  vi.useFakeTimers();
});
afterEach(() => {
  cleanup();
  vi.useRealTimers();
});

const plan = (copies: number): CutPlan => ({ copies, stocks: [], unknown: [], pending: [] });
const jobOf = (): CutJob => ({
  copies: 1,
  stocks: [],
  unknown: [],
  kerf: millimetres(0),
  reach: undefined,
  useful: millimetres(20),
});
const start = (key: string | undefined) =>
  renderHook((asked: string | undefined) => usePlanning(asked, jobOf), { initialProps: key });
const rest = () => act(() => void vi.advanceTimersByTime(400));
const tell = (at: number, state: Planning) => act(() => searches[at]?.tell(state));

describe('planning what a key stands for', () => {
  it('asks nothing without a key, and once when there is one and it has come to rest', () => {
    const { result, rerender } = start(undefined);
    rest();
    expect([result.current.planning.kind, searches.length]).toEqual(['waiting', 0]);
    rerender('a');
    rerender('ab');
    rerender('abc');
    rest();
    expect([result.current.planning.kind, searches.length]).toEqual(['planning', 1]);
  });

  it('shows the last plan while it is made anew, but never as what was found', () => {
    const { result, rerender } = start('a');
    rest();
    tell(0, { kind: 'done', plan: plan(1) });
    expect(result.current.planning).toEqual({ kind: 'done', plan: plan(1) });
    rerender('b');
    expect(result.current.planning).toEqual({ kind: 'planning', plan: undefined });
    expect(result.current.plan).toEqual(plan(1));
    rest();
    tell(0, { kind: 'done', plan: plan(9) });
    expect(result.current.planning.kind).toBe('planning');
    tell(1, { kind: 'done', plan: plan(2) });
    expect(result.current.plan).toEqual(plan(2));
  });

  it('drops the search before, and the last one when nobody looks any more', () => {
    const { rerender, unmount } = start('a');
    rest();
    rerender('b');
    expect(searches[0]?.drop).toHaveBeenCalledOnce();
    rest();
    unmount();
    expect(searches[1]?.drop).toHaveBeenCalledOnce();
  });

  it('is stopped before it began as well as after, and goes on when asked', () => {
    const { result } = start('a');
    act(() => result.current.stop());
    expect(result.current.planning).toEqual({ kind: 'ended', plan: undefined });
    rest();
    expect(searches).toHaveLength(0);
    act(() => result.current.resume());
    rest();
    expect(searches).toHaveLength(1);
    act(() => result.current.stop());
    expect(searches[0]?.end).toHaveBeenCalledOnce();
  });
});
