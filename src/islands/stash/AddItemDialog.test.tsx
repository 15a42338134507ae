import { cleanup, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { library, moss } from '../../../test/support/plans';
import { emptyHolding } from '../../core/stash/holdings';
import type { StashChange } from '../../core/stash/stashChange';
import { AddItemDialog } from './AddItemDialog';
import { give } from '../../../test/support/stash';

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

describe('adding a thing', () => {
  const show = () => {
    const onAdd = vi.fn<(change: StashChange) => Promise<boolean>>(() => Promise.resolve(true));
    const onClose = vi.fn();
    render(<AddItemDialog items={library} kind="ink" unit="in" onAdd={onAdd} onClose={onClose} />);
    return { onAdd, onClose };
  };
  const submit = () =>
    fireEvent.click(screen.getByRole('button', { name: 'Add it', hidden: true }));

  it('asks for what its kind has, and says all that is missing', async () => {
    const { onAdd } = show();
    expect(screen.queryByLabelText('Weight')).toBeNull();
    fireEvent.change(screen.getByLabelText('Kind'), { target: { value: 'stock' } });
    expect(screen.getByLabelText('Weight')).toBeDefined();
    submit();
    await waitFor(() => expect(screen.getByRole('alert', { hidden: true })).toBeDefined());
    expect(screen.getByRole('alert', { hidden: true }).textContent).toContain('1 to 60 characters');
    expect(onAdd).not.toHaveBeenCalled();
  });

  it('adds it under an id nothing has yet, and closes', async () => {
    const { onAdd, onClose } = show();
    give(screen.getByLabelText('Name'), 'Medlar');
    submit();
    await waitFor(() => expect(onClose).toHaveBeenCalledOnce());
    const change = onAdd.mock.calls[0]?.[0];
    expect(change?.item).toMatchObject({ kind: 'ink', name: 'Medlar', ink: 'dye', version: 1 });
    expect(change?.holding).toEqual(emptyHolding(change?.itemId ?? moss.id));
    expect(library.some(({ id }) => id === change?.itemId)).toBe(false);
  });
});
