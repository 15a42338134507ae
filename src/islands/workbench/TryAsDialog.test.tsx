import { cleanup, fireEvent, render, screen, within } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import {
  library,
  pieceOn,
  planOf,
  reveal,
  stampedOn,
  typed,
  wren,
} from '../../../test/support/plans';
import { planSchema } from '../../core/plan/plan';
import { TryAsDialog } from './TryAsDialog';

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
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
