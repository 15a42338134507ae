import { cleanup, fireEvent } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import { bowAt, ribbonOn, typed } from '../../../../../test/support/plans';
import { showTicket } from '../../../../../test/support/showTicket';
import { inches } from '../../../../core/length/length';

afterEach(cleanup);

const choose = (label: HTMLElement, value: string) =>
  fireEvent.change(label, { target: { value } });

describe('the ticket of a ribbon', () => {
  it('tells how long it is cut, by what each length is for', () => {
    const bow = bowAt('2 in', { takes: typed('4 1/2'), tail: typed('1') });
    const { ticket } = showTicket(ribbonOn('panel', 'ribbon', { bow }));
    expect(ticket.getByText(/^Cut it/).textContent).toMatch(/^Cut it .*in \(.* mm\)$/);
    expect(ticket.getByText(/in front, .* behind, 4 1⁄2 in the bow, 2 in its tails$/)).toBeTruthy();
    // It reaches from edge to edge, so there is nothing to choose that way.
    expect(ticket.queryByLabelText('Place across')).toBeNull();
    expect(ticket.getByLabelText('Place down')).toBeTruthy();
  });

  it('ties a bow in its middle, another kind in its place, and none', () => {
    const { ticket, changes } = showTicket(ribbonOn('panel', 'ribbon'));
    choose(ticket.getByLabelText('What it ends in'), 'bow');
    expect(changes()).toMatchObject([{ bow: { look: 'bow', at: { ticks: inches(2) } } }]);
    cleanup();
    const bow = bowAt('1 in');
    const tied = showTicket(ribbonOn('panel', 'ribbon', { bow }));
    choose(tied.ticket.getByLabelText('What it ends in'), 'flat');
    choose(tied.ticket.getByLabelText('What it ends in'), 'none');
    expect(tied.changes()).toEqual([{ bow: { ...bow, look: 'flat' } }, { bow: null }]);
  });

  it('has ends to tuck only where they are tucked, and is of no item once it is of another sort', () => {
    const { ticket, changes } = showTicket(ribbonOn('panel', 'ribbon'));
    expect(ticket.queryByLabelText('each by')).toBeNull();
    choose(ticket.getByLabelText('How it goes'), 'tucked');
    choose(ticket.getByLabelText('Sort'), 'twine');
    fireEvent.change(ticket.getByLabelText('Colour'), { target: { value: '#123456' } });
    expect(changes()).toEqual([
      { way: 'tucked' },
      { look: 'twine', item: null },
      { colour: { wish: '#123456' }, item: null },
    ]);
    cleanup();
    const tucked = showTicket(ribbonOn('panel', 'ribbon', { way: 'tucked' }));
    expect(tucked.ticket.getByLabelText('each by')).toBeTruthy();
  });
});
