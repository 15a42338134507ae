import { cleanup, fireEvent, within } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { drizzle, stencilledOn } from '../../../../../test/support/plans';
import { showTicket } from '../../../../../test/support/showTicket';
import { inches } from '../../../../core/length/length';

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

describe('the ticket of a stencilling', () => {
  it('says move by move how the stencil is laid down, and how many the other way', () => {
    const { ticket } = showTicket(stencilledOn('panel', 'rain', drizzle));
    const moves = within(ticket.getByRole('list', { name: 'How it is laid down' }));
    expect(moves.getAllByRole('listitem')).toHaveLength(4);
    expect(moves.getByText(/^Move it: 2 from the left, flush with the top/)).toBeTruthy();
    // On its side: 3 x 2 on 4 x 5 takes two across and three down.
    expect(ticket.getByText('(6 moves)')).toBeTruthy();
  });

  it('colours a zone, turns the stencil and leaves a layer out', () => {
    const { ticket, changes } = showTicket(stencilledOn('panel', 'rain', drizzle));
    fireEvent.click(ticket.getByLabelText('only a zone of it'));
    fireEvent.click(ticket.getByLabelText(/laid on its side/));
    fireEvent.click(ticket.getByLabelText('drops is there'));
    expect(changes()).toEqual([
      { zone: { width: { ticks: inches(4) }, height: { ticks: inches(5) } } },
      { turned: true },
      { layers: [null] },
    ]);
  });
});
