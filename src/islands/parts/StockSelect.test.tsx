import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { library } from '../../../test/support/plans';
import type { LibraryId } from '../../core/plan/ids';
import { StockSelect } from './StockSelect';

afterEach(cleanup);

describe('choosing a stock', () => {
  const show = (id: string) => {
    const [onChange, onAskNew] = [vi.fn(), vi.fn()];
    const value = { id: id as LibraryId, version: 1 };
    render(<StockSelect label="Stock of B" {...{ library, value, onChange, onAskNew }} />);
    const select = screen.getByLabelText<HTMLSelectElement>('Stock of B');
    const choose = (text: string) => fireEvent.change(select, { target: { value: text } });
    return { select, choose, onChange, onAskNew };
  };

  it('gives the version chosen, or asks for a new one', () => {
    const { choose, onChange, onAskNew } = show('gone');
    choose('chalk@1');
    expect(onChange.mock.calls).toEqual([[{ id: 'chalk', version: 1 }]]);
    choose('new');
    expect(onAskNew).toHaveBeenCalledTimes(1);
    expect(onChange).toHaveBeenCalledTimes(1);
  });

  it('names a stock that is not in the stash', () => {
    const { select } = show('gone');
    expect(select.selectedOptions[0]?.textContent).toBe('not in the stash');
  });
});
