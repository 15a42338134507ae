import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { ticksOf } from '../../../test/support/plans';
import type { LibraryItem } from '../../core/plan/libraryItem';
import type { Holding } from '../../core/stash/holding';
import { HoldingFields } from './HoldingFields';
import { stock, held, give } from '../../../test/support/stash';

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

describe('how much there is', () => {
  const show = (item: LibraryItem = stock, holding = held) => {
    const onChange = vi.fn<(holding: Holding) => void>();
    render(<HoldingFields item={item} holding={holding} unit="in" onChange={onChange} />);
    return onChange;
  };

  it('is counted by the sheet, also of a size nothing is known of yet', () => {
    const onChange = show();
    give(screen.getByLabelText(/^A4 sheets of Moss/), '30');
    expect(onChange.mock.calls[0]?.[0].sheets).toEqual([
      ...held.sheets,
      { sheet: 'a4', count: 30, price: null },
    ]);
  });

  it('keeps a price in hundredths, and forgets one that is emptied', () => {
    const onChange = show();
    const [price] = screen.getAllByLabelText('one costs');
    if (!price) throw new Error('no price');
    give(price, '0.29');
    give(price, '');
    expect(onChange.mock.calls.map(([each]) => each.sheets[0]?.price)).toEqual([29, null]);
  });

  it('puts leftovers by as one says them, counts them, and takes them out', () => {
    const onChange = show();
    fireEvent.change(screen.getByLabelText(/^A leftover of Moss/), {
      target: { value: '3 of 2 x 11' },
    });
    fireEvent.click(screen.getByRole('button', { name: 'Put by' }));
    give(screen.getByLabelText('Leftovers of 4 × 8 1⁄2'), '5');
    fireEvent.click(screen.getByRole('button', { name: /^Take out the leftovers of 4/ }));
    const [added, counted, gone] = onChange.mock.calls.map(([each]) => each.leftovers);
    expect(added?.map(({ count }) => count)).toEqual([2, 3]);
    expect(added?.[1]?.size.height.ticks).toBe(ticksOf('11'));
    expect(counted?.map(({ count }) => count)).toEqual([5]);
    expect(gone).toEqual([]);
  });

  it('refuses a leftover that is no size, and leaves what there is alone', () => {
    const onChange = show();
    fireEvent.change(screen.getByLabelText(/^A leftover of Moss/), { target: { value: '4 by' } });
    fireEvent.click(screen.getByRole('button', { name: 'Put by' }));
    expect(screen.getByRole('alert').textContent).toContain('A leftover is a size');
    expect(onChange).not.toHaveBeenCalled();
  });
});
