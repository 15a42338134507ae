import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { coves, library, wren } from '../../../../test/support/plans';
import { Shelf } from './Shelf';

afterEach(cleanup);

describe('the shelf', () => {
  const show = (sort: 'stamps' | 'dies') => {
    const [onTakeStamp, onTakeDie] = [vi.fn(), vi.fn()];
    render(
      <Shelf
        library={library}
        isWhole
        sort={sort}
        unit="in"
        onAskStamps={vi.fn()}
        onTakeStamp={onTakeStamp}
        onTakeStencil={vi.fn()}
        onTakeDie={onTakeDie}
        onClose={vi.fn()}
      />,
    );
    return { onTakeStamp, onTakeDie };
  };

  it('has each stamp with its size, and finds it by a part of its name', () => {
    const { onTakeStamp } = show('stamps');
    const search = screen.getByLabelText('Search the stamps');
    fireEvent.change(search, { target: { value: 'heron' } });
    expect(screen.getByText('No stamps are called so.')).toBeTruthy();
    fireEvent.change(search, { target: { value: 'WREN' } });
    const found = screen.getByRole('button', { name: /Garden wren/ });
    expect(found.textContent).toContain('2 × 1');
    fireEvent.click(found);
    expect(onTakeStamp.mock.calls[0]?.[0]).toMatchObject({ id: wren.id });
    // Enter takes the first that is found, and nothing where nothing was looked for.
    fireEvent.keyDown(search, { key: 'Enter' });
    expect(onTakeStamp).toHaveBeenCalledTimes(2);
    fireEvent.change(search, { target: { value: '' } });
    fireEvent.keyDown(search, { key: 'Enter' });
    expect(onTakeStamp).toHaveBeenCalledTimes(2);
  });

  it('has a nested set once, with how many sizes it comes in', () => {
    const { onTakeDie } = show('dies');
    const set = screen.getByRole('button', { name: /Cove rectangles/ });
    expect(set.textContent).toContain('3 sizes to');
    fireEvent.click(set);
    expect(onTakeDie.mock.calls[0]?.[0]).toMatchObject({ id: coves.id });
  });
});

describe('the shelf of stencils', () => {
  it('gives the one that is pressed', () => {
    const onTake = vi.fn();
    render(
      <Shelf
        library={library}
        isWhole
        sort="stencils"
        unit="in"
        onAskStamps={vi.fn()}
        onTakeStamp={vi.fn()}
        onTakeDie={vi.fn()}
        onTakeStencil={onTake}
        onClose={vi.fn()}
      />,
    );
    fireEvent.click(screen.getByRole('button', { name: /Drizzle/ }));
    expect(onTake.mock.calls[0]?.[0]).toMatchObject({ id: 'drizzle' });
  });
});
