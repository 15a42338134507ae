import { act, cleanup, renderHook, waitFor } from '@testing-library/react';
import { afterEach, beforeAll, describe, expect, it, vi } from 'vitest';
import type { CutBatch } from '../../core/cutting/cutBatch';
import type { LibraryId } from '../../core/plan/ids';
import { emptyHolding } from '../../core/stash/holdings';
import { useCutBatch } from './useCutBatch';

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const batch: CutBatch = {
  hash: '0123456789abcdef',
  acceptedAt: '2027-03-09T18:30:00.000Z',
  wanted: [],
  plan: { copies: 1, stocks: [], unknown: [], pending: [] },
  doneSteps: [],
  taken: null,
};
const gem = 'gem' as LibraryId;

/** A server that replies in turn, each reply given when the test says so. */
function server() {
  const replies: ((status: number, body: unknown) => void)[] = [];
  const asked: { path: string; body: unknown }[] = [];
  vi.stubGlobal('fetch', (path: string, init: { body: string }) => {
    asked.push({ path, body: JSON.parse(init.body) as unknown });
    return new Promise((resolve) => {
      replies.push((status, body) =>
        resolve({ ok: status < 300, status, json: () => Promise.resolve(body) }),
      );
    });
  });
  const reply = async (status: number, body: unknown) => {
    await waitFor(() => expect(replies.length).toBeGreaterThan(0));
    await act(async () => {
      replies.shift()?.(status, body);
      await Promise.resolve();
    });
  };
  return { asked, reply };
}
// The schemas of replies come with the first one; the tests wait for no download.
beforeAll(() => import('../../core/replies/replies'));

const changeHoldings = vi.fn();
const start = () => renderHook(() => useCutBatch('card', null, changeHoldings));

describe('the accepted plan on the page', () => {
  it('is shown at once and sent one change after the other', async () => {
    const { asked, reply } = server();
    const { result } = start();
    act(() => result.current.keep(batch));
    act(() => result.current.keep({ ...batch, doneSteps: ['moss/0/0'] }));
    expect(result.current.batch?.doneSteps).toEqual(['moss/0/0']);
    await waitFor(() => expect(asked).toHaveLength(1));
    await reply(200, { isKept: true });
    await waitFor(() => expect(asked).toHaveLength(2));
    expect(asked[1]).toMatchObject({
      path: '/api/cards/card/batch',
      body: { batch: { doneSteps: ['moss/0/0'] } },
    });
    await reply(200, { isKept: true });
    await waitFor(() => expect(result.current.isKeeping).toBe(false));
    expect(result.current.failure).toBeUndefined();
  });

  it('says when marks are not saved, and is well again with the next that are', async () => {
    const { reply } = server();
    const { result } = start();
    act(() => result.current.keep(batch));
    await reply(500, { error: { message: 'It failed.', hint: 'Try again.' } });
    await waitFor(() =>
      expect(result.current.failure).toBe('The marks are not saved. It failed. Try again.'),
    );
    expect(result.current.batch).toEqual(batch);
    act(() => result.current.keep(batch));
    await reply(200, { isKept: true });
    await waitFor(() => expect(result.current.failure).toBeUndefined());
  });

  it('shows a plan again that could not be given up', async () => {
    const { reply } = server();
    const { result } = start();
    act(() => result.current.keep(batch));
    await reply(200, { isKept: true });
    act(() => result.current.keep(null));
    expect(result.current.batch).toBeNull();
    await reply(409, { error: { message: 'It is out of the stash.', hint: 'Give it back.' } });
    await waitFor(() => expect(result.current.failure).toContain('Give it back.'));
    expect(result.current.batch).toEqual(batch);
  });

  it('takes over what was taken and what is left, and keeps marks made meanwhile', async () => {
    const { asked, reply } = server();
    const { result } = start();
    act(() => result.current.keep(batch));
    await reply(200, { isKept: true });
    act(() => result.current.take([]));
    act(() => result.current.keep({ ...batch, doneSteps: ['moss/0/0'] }));
    const taken = [{ itemId: gem, sheets: [], usedUp: [], leftOver: [], amount: 3 }];
    await reply(200, {
      batch: { ...batch, taken },
      holdings: [{ ...emptyHolding(gem), count: 7 }],
    });
    await reply(200, { isKept: true });
    await waitFor(() => expect(asked).toHaveLength(3));
    expect(result.current.batch).toMatchObject({ doneSteps: ['moss/0/0'], taken });
    expect(changeHoldings).toHaveBeenCalledWith([{ ...emptyHolding(gem), count: 7 }]);
  });
});
