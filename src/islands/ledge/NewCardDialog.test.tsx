import { cleanup, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { library, ticksOf } from '../../../test/support/plans';
import { cardFormats } from '../../core/paper/cardFormats';
import { postJson } from '../wire/postJson';
import { stocksOf } from '../../core/plan/library';
import { NewCardDialog } from './NewCardDialog';

vi.mock('../wire/postJson', () => ({ postJson: vi.fn() }));
const post = vi.mocked(postJson);
const known = stocksOf(library);
const stocks = { known, wait: () => Promise.resolve(known) };

beforeEach(() => {
  post
    .mockReset()
    .mockResolvedValue({ ok: false, status: 400, message: 'Nibwright does not reply.' });
  render(<NewCardDialog releases={[]} stocks={stocks} unit="in" onClose={() => undefined} />);
});
afterEach(cleanup);

const make = () =>
  fireEvent.click(screen.getByRole('button', { name: 'Make the card', hidden: true }));
const choose = (name: RegExp) => fireEvent.click(screen.getByRole('radio', { name, hidden: true }));
const type = (label: string, value: string) =>
  fireEvent.change(screen.getByLabelText(label), { target: { value } });
const alert = () => screen.findByRole('alert', { hidden: true });

describe('making a card', () => {
  it('offers every format by name, and a size of one’s own', () => {
    const names = screen.getAllByRole<HTMLInputElement>('radio', { hidden: true });
    const formats = names.filter(({ name }) => name === 'Format').map(({ value }) => value);
    expect(formats).toEqual([...cardFormats.map(({ id }) => id), 'custom']);
  });

  it('asks for what was chosen, under a name of its own where none was given', async () => {
    choose(/^Slimline/);
    choose(/^lying/);
    choose(/^tent/);
    make();
    await waitFor(() => expect(post).toHaveBeenCalledTimes(1));
    expect(post.mock.calls[0]).toEqual([
      '/api/cards',
      {
        title: 'Untitled card',
        releaseId: null,
        unit: 'in',
        format: { kind: 'named', id: 'slimline', stand: 'lying' },
        fold: 'tent',
        stock: { id: 'chalk', version: 1 },
      },
      'card',
    ]);
  });

  it('made before the stocks have come waits for them, or says why they do not', async () => {
    cleanup();
    const wait = vi.fn().mockRejectedValueOnce(new Error('Nibwright does not reply.'));
    wait.mockResolvedValue(known);
    const coming = { known: undefined, wait };
    render(<NewCardDialog releases={[]} stocks={coming} unit="in" onClose={() => undefined} />);
    make();
    expect((await alert()).textContent).toBe('Nibwright does not reply.');
    expect(post).not.toHaveBeenCalled();
    make();
    await waitFor(() => expect(post).toHaveBeenCalledTimes(1));
    expect(post.mock.calls[0]?.[1]).toMatchObject({ stock: { id: 'chalk', version: 1 } });
  });

  it('asks a square for no way to stand', () => {
    choose(/^Square 148/);
    expect(screen.queryByRole('radio', { name: /^lying/, hidden: true })).toBeNull();
  });

  it.each([
    ['', 'Type a figure'],
    ['5', 'Two figures are wanted'],
    ['0 x 5', 'needs a width and a height'],
    ['5 x q', '“q” does not belong'],
  ])('refuses the size %j in a sentence and sends nothing', async (size, words) => {
    choose(/^Custom/);
    type('Closed size', size);
    make();
    expect((await alert()).textContent).toContain(words);
    expect(post).not.toHaveBeenCalled();
  });

  it('takes a size as one says it, and tells why a card could not be made', async () => {
    choose(/^Custom/);
    type('Closed size', '5 by 7 1/4');
    make();
    expect((await alert()).textContent).toBe('Nibwright does not reply.');
    const size = { width: { ticks: ticksOf('5') }, height: { ticks: ticksOf('7 1/4') } };
    expect(post.mock.calls[0]?.[1]).toMatchObject({ format: { kind: 'custom', size } });
  });
});
