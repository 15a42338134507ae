import { cleanup, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { library, moss } from '../../../test/support/plans';
import type { StashChange } from '../../core/stash/stashChange';
import { ImportDialog } from './ImportDialog';
import { held } from '../../../test/support/stash';

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

describe('a CSV file to take in', () => {
  const show = (isKept = true) => {
    const onImport = vi.fn<(changes: readonly StashChange[]) => Promise<boolean>>(() =>
      Promise.resolve(isKept),
    );
    const onClose = vi.fn();
    render(
      <ImportDialog
        items={library}
        holdings={[held]}
        unit="in"
        onImport={onImport}
        onClose={onClose}
      />,
    );
    const choose = (text: string) =>
      fireEvent.change(screen.getByLabelText('CSV file'), {
        target: { files: [new File([text], 'stash.csv', { type: 'text/csv' })] },
      });
    return { onImport, onClose, choose };
  };
  const button = (name: RegExp) =>
    screen.getByRole<HTMLButtonElement>('button', { name, hidden: true });

  it('shows what it would change before it does, and each bad row with its reasons', async () => {
    const { onImport, onClose, choose } = show();
    choose('kind,name,letter count\npaper,Moss 216 g,7\npaper,Chalk 216 g,few\nrope,x,1\n');
    await screen.findByText('0 new, 1 changed, 0 as they are, 2 left out:');
    expect(screen.getByText(/letter count: a number from 0/)).toBeDefined();
    expect(screen.getByText(/Kind is one of/)).toBeDefined();
    fireEvent.click(button(/^Take in 1 row$/));
    await waitFor(() => expect(onClose).toHaveBeenCalledOnce());
    expect(onImport.mock.calls[0]?.[0]).toMatchObject([
      { itemId: moss.id, holding: { sheets: [{ sheet: 'letter', count: 7, price: 45 }] } },
    ]);
  });

  it('has nothing to take in of a file that is none, and says why', async () => {
    const { choose } = show();
    choose('just words');
    await waitFor(() => expect(screen.getByRole('alert', { hidden: true })).toBeDefined());
    expect(screen.getByRole('alert', { hidden: true }).textContent).toContain('name the columns');
    expect(button(/^Nothing to take in$/).disabled).toBe(true);
  });

  it('stays open when it could not be kept', async () => {
    const { onClose, choose } = show(false);
    choose('kind,name,letter count\npaper,Moss 216 g,7\n');
    await screen.findByText(/1 changed/);
    fireEvent.click(button(/^Take in 1 row$/));
    await screen.findByText(/nothing was changed/);
    expect(onClose).not.toHaveBeenCalled();
  });
});
