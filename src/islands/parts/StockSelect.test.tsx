import { cleanup, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { choose } from '../../../test/support/choose';
import { library } from '../../../test/support/plans';
import type { LibraryId } from '../../core/plan/ids';
import { StockSelect } from './StockSelect';

afterEach(cleanup);

describe('choosing a stock', () => {
  const show = (id: string) => {
    const [onChange, onAskNew] = [vi.fn(), vi.fn()];
    const value = { id: id as LibraryId, version: 1 };
    render(<StockSelect label="Stock of B" {...{ library, value, onChange, onAskNew }} />);
    return { onChange, onAskNew };
  };

  it('gives the version chosen, or asks for a new one', () => {
    const { onChange, onAskNew } = show('gone');
    choose('Stock of B', 'Chalk');
    expect(onChange.mock.calls).toEqual([[{ id: 'chalk', version: 1 }]]);
    choose('Stock of B', 'Add a stock');
    expect(onAskNew).toHaveBeenCalledTimes(1);
    expect(onChange).toHaveBeenCalledTimes(1);
  });

  it('names a stock that is not in the stash', () => {
    show('gone');
    expect(screen.getByRole('combobox').textContent).toBe('not in the stash');
  });
});
