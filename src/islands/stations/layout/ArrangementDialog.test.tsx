import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { choose } from '../../../../test/support/choose';
import { library, wren } from '../../../../test/support/plans';
import { ArrangementDialog } from './ArrangementDialog';

afterEach(cleanup);

describe('an arrangement that is asked for', () => {
  it('is made of the stamps and counts chosen, tiers left empty left out', () => {
    const [onLay, onShow] = [vi.fn(), vi.fn()];
    const { unmount } = render(
      <ArrangementDialog
        library={library}
        unit="in"
        around="the words"
        countsFor={(kind) => (kind === 'arch' ? [2, 2, 1] : [6, 6, 12])}
        onShow={onShow}
        onLay={onLay}
        onClose={vi.fn()}
      />,
    );
    choose('Large pieces', 'Garden wren');
    choose('Medium pieces', 'none');
    choose('Small pieces', 'none');
    expect(onShow).toHaveBeenLastCalledWith(
      expect.objectContaining({ kind: 'oval', tiers: [expect.objectContaining({ count: 6 })] }),
    );
    fireEvent.change(screen.getByLabelText('as'), { target: { value: 'arch' } });
    expect(screen.getByText(/taller there/)).toBeTruthy();
    fireEvent.click(screen.getByRole('button', { name: 'Lay 2 pieces' }));
    expect(onLay.mock.calls[0]).toMatchObject([
      { kind: 'arch', tiers: [{ stamps: [{ id: wren.id }], count: 2 }], seed: 1 },
    ]);
    unmount();
    expect(onShow).toHaveBeenLastCalledWith(undefined);
  });
});
