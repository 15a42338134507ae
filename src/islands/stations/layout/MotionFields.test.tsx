import { cleanup, fireEvent } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { measure, pieceOn, typed } from '../../../../test/support/plans';
import { showTicket } from '../../../../test/support/showTicket';
import { inches } from '../../../core/length/length';

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const type = (field: HTMLElement, value: string) => {
  fireEvent.change(field, { target: { value } });
  fireEvent.keyDown(field, { key: 'Enter' });
};

describe('how a piece moves', () => {
  it('is chosen, with the hinge of a flap', () => {
    const { ticket, changes } = showTicket(pieceOn('panel', 'door', measure('1', '1')));
    fireEvent.change(ticket.getByLabelText('How it moves'), { target: { value: 'flap' } });
    expect(changes()).toEqual([{ motion: { kind: 'flap', hinge: 'top' } }]);
    cleanup();
    const flap = showTicket(
      pieceOn('panel', 'door', measure('1', '1'), { motion: { kind: 'flap', hinge: 'top' } }),
    );
    fireEvent.change(flap.ticket.getByLabelText('hinged at the'), { target: { value: 'left' } });
    expect(flap.changes()).toEqual([{ motion: { kind: 'flap', hinge: 'left' } }]);
  });

  it('takes a way to the left for a slider, and none of no length', () => {
    const slider = pieceOn('panel', 'boat', measure('1', '1'), {
      motion: { kind: 'slider', along: 'x', travel: typed('1') },
    });
    const { ticket, changes } = showTicket(slider);
    type(ticket.getByLabelText('to the right or down'), '0');
    expect(ticket.getByRole('alert')).toBeTruthy();
    expect(changes()).toEqual([]);
    type(ticket.getByLabelText('to the right or down'), '-1 1/2');
    expect(changes()).toMatchObject([{ motion: { travel: { ticks: -inches(1, 1, 2) } } }]);
  });
});
