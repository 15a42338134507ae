import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { library, wren } from '../../../../test/support/plans';
import { ArrangementDialog } from './ArrangementDialog';

beforeEach(() => {
  // The test's document has no modal dialogs of its own.
  HTMLDialogElement.prototype.showModal = function showModal() {
    this.open = true;
  };
});
afterEach(cleanup);

describe('an arrangement that is asked for', () => {
  it('is made of the stamps and counts chosen, tiers left empty left out', () => {
    const onLay = vi.fn();
    render(
      <ArrangementDialog library={library} around="the words" onLay={onLay} onClose={vi.fn()} />,
    );
    const choose = (tier: string, value: string) =>
      fireEvent.change(screen.getByLabelText(`${tier} pieces`), { target: { value } });
    choose('Large', wren.id);
    choose('Medium', '');
    choose('Small', '');
    fireEvent.change(screen.getByLabelText('as'), { target: { value: 'arch' } });
    expect(screen.getByText(/taller there/)).toBeTruthy();
    fireEvent.click(screen.getByRole('button', { name: 'Lay 5 pieces' }));
    const [tiers, kind, seed] = onLay.mock.calls[0] ?? [];
    expect(tiers).toMatchObject([{ stamp: { id: wren.id }, count: 5 }]);
    expect([kind, seed]).toEqual(['arch', 1]);
  });
});
