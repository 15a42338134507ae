import { cleanup, fireEvent, render, screen, within } from '@testing-library/react';
import { afterEach, beforeAll, describe, expect, it, vi } from 'vitest';
import {
  coves,
  drizzle,
  library,
  measure,
  pieceOn,
  planOf,
  reveal,
  stampedOn,
  stencilledOn,
  typed,
  wren,
} from '../../../test/support/plans';
import { showTicket } from '../../../test/support/showTicket';
import { inches } from '../../core/length/length';
import { planSchema } from '../../core/plan/plan';
import { resolvePlan } from '../../core/resolve/resolvePlan';
import { PieceTicket } from '../base/PieceTicket';
import { TryAsDialog } from '../workbench/TryAsDialog';
import { Shelf } from './Shelf';

// The test's browser has no modal dialogs of its own.
beforeAll(() => {
  HTMLDialogElement.prototype.showModal = function showModal(this: HTMLDialogElement) {
    this.open = true;
  };
});
afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const panel = pieceOn('front', 'panel', measure('4', '5'));
const type = (field: HTMLElement, value: string) => {
  fireEvent.change(field, { target: { value } });
  fireEvent.keyDown(field, { key: 'Enter' });
};

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
      { colours: [null] },
    ]);
  });
});

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

describe('the size of a layer', () => {
  const plan = planOf([panel, pieceOn('panel', 'top', reveal('1/8'))]);
  const card = resolvePlan(plan, library);
  const piece = plan.pieces[1];
  const show = () => {
    const actions = { commit: vi.fn(), preview: vi.fn() };
    if (piece?.kind !== 'panel') throw new Error('expected paper');
    render(
      <PieceTicket
        piece={piece}
        resolved={card.pieces[1]}
        plan={plan}
        card={card}
        library={library}
        unit="in"
        actions={actions as unknown as React.ComponentProps<typeof PieceTicket>['actions']}
      />,
    );
    return actions;
  };

  it('by a die is found for the border one wants, and says what the nearest give', () => {
    const actions = show();
    fireEvent.click(screen.getByRole('button', { name: 'Die' }));
    type(screen.getByLabelText('for a border of'), '1/4');
    const near = within(screen.getByRole('list', { name: 'Dies nearest to that border' }));
    const [first] = near.getAllByRole('button');
    expect(first?.textContent).toContain('3 1⁄2 × 4 3⁄4');
    if (first) fireEvent.click(first);
    expect(actions.commit.mock.calls[0]?.[0]).toMatchObject({
      change: { size: { by: 'die', set: coves, step: 2, turned: false } },
    });
  });

  it('round a print takes the stamp, and a rim to begin with', () => {
    const actions = show();
    fireEvent.click(screen.getByRole('button', { name: 'Print' }));
    fireEvent.change(screen.getByLabelText('Stamp it is cut round'), {
      target: { value: wren.id },
    });
    expect(actions.commit.mock.calls[0]?.[0]).toMatchObject({
      change: { size: { by: 'stamp', stamp: wren, rim: { ticks: inches(0, 1, 16) } } },
    });
  });
});

describe('the shelf of stencils', () => {
  it('gives the one that is pressed', () => {
    const onTake = vi.fn();
    render(
      <Shelf
        library={library}
        sort="stencils"
        unit="in"
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

describe('a design tried as another format', () => {
  const plan = planOf([
    pieceOn('front', 'panel', reveal('1/8')),
    stampedOn('panel', 'bird', wren, {
      x: { from: 'left', distance: typed('1/4') },
      y: { from: 'top', distance: typed('2') },
    }),
    pieceOn('inside', 'liner', reveal('1/4')),
  ]);
  const show = () =>
    render(
      <TryAsDialog
        cardId="card"
        plan={plan}
        library={library}
        unit="in"
        onFlush={() => Promise.resolve()}
        onClose={vi.fn()}
      />,
    );

  it('says what is done to it before it is made, what is left out first', () => {
    show();
    const lines = () =>
      within(screen.getByRole('region', { name: 'What is done' }))
        .getAllByRole('listitem')
        .map(({ textContent }) => textContent);
    expect(lines()).toEqual([
      'panel, liner made anew by its rule',
      'bird moved with the room there is',
    ]);
    fireEvent.click(screen.getByLabelText(/none, flat/));
    expect(lines()[0]).toBe('liner left out: the card has no such face');
  });

  it('refuses a size that is none in a sentence, and posts nothing', () => {
    const fetch = vi.fn();
    vi.stubGlobal('fetch', fetch);
    show();
    fireEvent.click(screen.getByLabelText(/Custom/));
    fireEvent.change(screen.getByLabelText('Closed size'), { target: { value: '5 x apple' } });
    fireEvent.click(screen.getByRole('button', { name: 'Make it a new card' }));
    expect(screen.getByRole('alert').textContent).toMatch(/^Size: /);
    expect(fetch).not.toHaveBeenCalled();
  });

  it('is made a card of its own, under a name that says its format', async () => {
    const fetch = vi.fn<(path: string, init: { body: string }) => Promise<unknown>>(() =>
      Promise.resolve({ ok: true, json: () => Promise.resolve({ id: 'new' }) }),
    );
    vi.stubGlobal('fetch', fetch);
    vi.stubGlobal('location', { assign: vi.fn() });
    show();
    fireEvent.click(screen.getByRole('button', { name: 'Make it a new card' }));
    await vi.waitFor(() => expect(fetch).toHaveBeenCalled());
    const [path, init] = fetch.mock.calls[0] ?? [];
    expect(path).toBe('/api/cards/card/copy');
    const body = JSON.parse(init?.body ?? '') as { title: string; plan: unknown };
    expect(body.title).toBe('Bean poles as Slimline');
    expect(planSchema.safeParse(body.plan).success).toBe(true);
  });
});
