import { act, cleanup, renderHook, waitFor } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { library, moss, chalk } from '../../../test/support/plans';
import type { LibraryItem } from '../../core/plan/libraryItem';
import type { Holding } from '../../core/stash/holding';
import { emptyHolding } from '../../core/stash/holdings';
import { useStash, inverseOf } from './useStash';
import type { LibraryId } from '../../core/plan/ids';
import { stock, held } from '../../../test/support/stash';

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const items = new Map(library.map((item) => [item.id, item]));

const gone: Holding = { ...emptyHolding(chalk.id), isGone: true };

const holdings = new Map([held, gone].map((holding) => [holding.itemId, holding]));

describe('the stash on the page', () => {
  const answerWith = (ok: boolean, items: readonly LibraryItem[] = []) =>
    vi.stubGlobal('fetch', () =>
      Promise.resolve({
        ok,
        json: () =>
          Promise.resolve(ok ? { items, holdings: [] } : { error: { message: 'No.', hint: '' } }),
      }),
    );
  const start = () => renderHook(() => useStash({ library, holdings: [held] }));

  it('shows a change at once, takes the version the server gave it, and undoes it', async () => {
    const renamed = { ...stock, name: 'Fern' };
    answerWith(true, [{ ...renamed, version: 2 }]);
    const { result } = start();
    await act(() => result.current.change([{ itemId: moss.id, item: renamed }]));
    expect(result.current.items.get(moss.id)).toEqual({ ...renamed, version: 2 });
    expect(result.current.canUndo).toBe(true);
    answerWith(true, [{ ...stock, version: 3 }]);
    act(() => result.current.undo());
    await waitFor(() =>
      expect(result.current.items.get(moss.id)).toEqual({ ...stock, version: 3 }),
    );
    expect(result.current.canUndo).toBe(false);
  });

  it('takes back what could not be kept, and says so', async () => {
    answerWith(false);
    const { result } = start();
    const isKept = await act(() =>
      result.current.change([{ itemId: moss.id, holding: { ...held, isGone: true } }]),
    );
    expect(isKept).toBe(false);
    expect(result.current.holdings.get(moss.id)).toEqual(held);
    expect(result.current.failure).toBe('That is not kept. No.');
    expect(result.current.canUndo).toBe(false);
  });
});

describe('the inverse of a change', () => {
  it('brings back what was', () => {
    const other = { ...held, isGone: true };
    const [item] = library;
    if (!item) throw new Error('no item');
    expect(inverseOf([{ itemId: moss.id, holding: other }], { items, holdings })).toEqual([
      { itemId: moss.id, holding: held },
    ]);
    expect(
      inverseOf([{ itemId: item.id, item: { ...item, name: 'Other' } }], { items, holdings }),
    ).toEqual([{ itemId: item.id, item }]);
  });

  it('of a thing that was not there takes it out again', () => {
    const id = 'new' as LibraryId;
    const [inverse] = inverseOf([{ itemId: id }], { items, holdings });
    expect(inverse?.holding?.isGone).toBe(true);
  });
});
