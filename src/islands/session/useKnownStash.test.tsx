import { act, cleanup, renderHook, waitFor } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { library } from '../../../test/support/plans';
import { must } from '../../../test/support/must';
import { emptyHolding } from '../../core/stash/holdings';
import { fetchVersions, fetchWholeStash } from '../wire/fetchStash';
import { useKnownStash } from './useKnownStash';

vi.mock('../wire/fetchStash', () => ({ fetchWholeStash: vi.fn(), fetchVersions: vi.fn() }));
const rest = vi.mocked(fetchWholeStash);
const versions = vi.mocked(fetchVersions);

const moss = must(library.find(({ id }) => id === 'moss'));
const chalk = must(library.find(({ id }) => id === 'chalk'));
const gone = { ...moss, version: 7 };
const count = (of: typeof moss, amount: number) => ({ ...emptyHolding(of.id), count: amount });

beforeEach(() => {
  rest
    .mockReset()
    .mockResolvedValue({ items: [moss, chalk], holdings: [count(moss, 1), count(chalk, 2)] });
  versions.mockReset().mockResolvedValue({ items: [moss, gone], holdings: [] });
});
afterEach(cleanup);

const open = (isStashWhole = false) =>
  renderHook(() => useKnownStash({ library: [moss], holdings: [count(moss, 5)], isStashWhole }));

describe('the stash on a page', () => {
  it('comes with what the card uses, and whole when the page has time', async () => {
    const { result } = open();
    expect(result.current).toMatchObject({ library: [moss], isWhole: false });
    await waitFor(() => expect(result.current.isWhole).toBe(true));
    expect(result.current.library).toEqual([moss, chalk]);
    act(() => result.current.bringRest());
    expect(rest).toHaveBeenCalledTimes(1);
  });

  it('keeps what was changed here while the rest was on its way', async () => {
    const { result } = open();
    act(() => result.current.changeHoldings([count(moss, 4)]));
    await waitFor(() => expect(result.current.isWhole).toBe(true));
    expect(result.current.holdings).toEqual([count(chalk, 2), count(moss, 4)]);
  });

  it('is asked for again where it could not be fetched', async () => {
    rest.mockRejectedValueOnce(new Error('away'));
    const { result } = open();
    await waitFor(() => expect(rest).toHaveBeenCalledTimes(1));
    await act(async () => {
      await Promise.resolve();
      result.current.bringRest();
    });
    await waitFor(() => expect(result.current.isWhole).toBe(true));
  });

  it('fetches once what others put on the card and is not known here', async () => {
    const { result } = open(true);
    act(() => result.current.need([moss, gone, gone]));
    await waitFor(() => expect(result.current.library).toEqual([moss, gone]));
    act(() => result.current.need([gone]));
    expect(versions.mock.calls).toEqual([[['moss']]]);
    expect(rest).not.toHaveBeenCalled();
  });
});
