import { cleanup, fireEvent, screen, within } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { coves, measure, pieceOn, planOf, reveal, wren } from '../../../../test/support/plans';
import { choose } from '../../../../test/support/choose';
import { renderIn, sessionOn } from '../../../../test/support/session';
import { inches } from '../../../core/length/length';
import { PieceTicket } from './PieceTicket';

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const panel = pieceOn('front', 'panel', measure('4', '5'));
const type = (field: HTMLElement, value: string) => {
  fireEvent.change(field, { target: { value } });
  fireEvent.keyDown(field, { key: 'Enter' });
};

describe('the size of a layer', () => {
  const plan = planOf([panel, pieceOn('panel', 'top', reveal('1/8'))]);
  const piece = plan.pieces[1];
  const show = () => {
    if (piece?.kind !== 'panel') throw new Error('expected paper');
    const session = sessionOn(plan);
    renderIn(session, <PieceTicket piece={piece} />);
    return session;
  };

  it('by a die is found for the border one wants, and says what the nearest give', () => {
    const session = show();
    fireEvent.click(screen.getByRole('button', { name: 'Die' }));
    type(screen.getByLabelText('for a border of'), '1/4');
    const near = within(screen.getByRole('list', { name: 'Dies nearest to that border' }));
    const [first] = near.getAllByRole('button');
    expect(first?.textContent).toContain('3 1⁄2 × 4 3⁄4');
    if (first) fireEvent.click(first);
    expect(session.commit.mock.calls[0]?.[0]).toMatchObject({
      change: { size: { by: 'die', set: coves, step: 2, turned: false } },
    });
  });

  it('round a print takes the stamp, and a rim to begin with', () => {
    const session = show();
    fireEvent.click(screen.getByRole('button', { name: 'Print' }));
    choose('Stamp it is cut round', 'Garden wren');
    expect(session.commit.mock.calls[0]?.[0]).toMatchObject({
      change: { size: { by: 'stamp', stamp: wren, rim: { ticks: inches(0, 1, 16) } } },
    });
  });
});
