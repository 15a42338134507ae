import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import {
  coves,
  dotOn,
  drawnOn,
  library,
  pieceOn,
  stampedOn,
  typed,
  wordsOn,
  wren,
} from '../../../test/support/plans';
import { showTicket } from '../../../test/support/showTicket';
import { diesThatHold } from '../../core/composition/diesThatHold';
import { inches } from '../../core/length/length';
import { LabelDialog } from './LabelDialog';
import { ScatterDialog } from './ScatterDialog';
import { Shelf } from './Shelf';
import { ArrangementDialog } from './ArrangementDialog';

beforeEach(() => {
  // The test's document has no modal dialogs of its own.
  HTMLDialogElement.prototype.showModal = function showModal() {
    this.open = true;
  };
});
afterEach(cleanup);

describe('the shelf', () => {
  const show = (sort: 'stamps' | 'dies') => {
    const [onTakeStamp, onTakeDie] = [vi.fn(), vi.fn()];
    render(
      <Shelf
        library={library}
        sort={sort}
        unit="in"
        onTakeStamp={onTakeStamp}
        onTakeStencil={vi.fn()}
        onTakeDie={onTakeDie}
        onClose={vi.fn()}
      />,
    );
    return { onTakeStamp, onTakeDie };
  };

  it('has each stamp with its size, and finds it by a part of its name', () => {
    const { onTakeStamp } = show('stamps');
    const search = screen.getByLabelText('Search the stamps');
    fireEvent.change(search, { target: { value: 'heron' } });
    expect(screen.getByText('No stamps are called so.')).toBeTruthy();
    fireEvent.change(search, { target: { value: 'WREN' } });
    const found = screen.getByRole('button', { name: /Garden wren/ });
    expect(found.textContent).toContain('2 × 1');
    fireEvent.click(found);
    expect(onTakeStamp.mock.calls[0]?.[0]).toMatchObject({ id: wren.id });
  });

  it('has a nested set once, with how many sizes it comes in', () => {
    const { onTakeDie } = show('dies');
    const set = screen.getByRole('button', { name: /Cove rectangles/ });
    expect(set.textContent).toContain('3 sizes to');
    fireEvent.click(set);
    expect(onTakeDie.mock.calls[0]?.[0]).toMatchObject({ id: coves.id });
  });
});

describe('a scatter that is asked for', () => {
  it('has the sizes and counts of the school, and hands on what was changed', () => {
    const onScatter = vi.fn();
    render(<ScatterDialog unit="in" onScatter={onScatter} onClose={vi.fn()} />);
    fireEvent.change(screen.getByLabelText('How many of size 1'), { target: { value: '2' } });
    fireEvent.change(screen.getByLabelText('denser'), { target: { value: 'bottom' } });
    fireEvent.change(screen.getByLabelText('another fall of the same'), { target: { value: '7' } });
    fireEvent.click(screen.getByRole('button', { name: 'Scatter 28 dots' }));
    expect(onScatter).toHaveBeenCalledWith(
      expect.objectContaining({
        sizes: [
          { diameter: inches(0, 1, 8), count: 2 },
          { diameter: inches(0, 3, 32), count: 9 },
          { diameter: inches(0, 1, 16), count: 17 },
        ],
        denserAt: 'bottom',
        isOffImages: true,
        seed: 7,
      }),
    );
  });

  it('of nothing cannot be laid, and a count beyond reason is held', () => {
    render(<ScatterDialog unit="mm" onScatter={vi.fn()} onClose={vi.fn()} />);
    const set = (size: number, count: string) =>
      fireEvent.change(screen.getByLabelText(`How many of size ${size}`), {
        target: { value: count },
      });
    for (const size of [1, 2, 3]) set(size, '0');
    expect(screen.getByRole('button', { name: 'Scatter 0 dots' })).toHaveProperty('disabled', true);
    set(1, '900');
    expect(screen.getByRole('button', { name: 'Scatter 120 dots' })).toBeTruthy();
  });
});

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

describe('a label that is asked for', () => {
  it('is one of the dies that hold the words, or the reason there is none', () => {
    const onTake = vi.fn();
    const size = { width: inches(3), height: inches(1) };
    const choices = diesThatHold(library, size, inches(0, 1, 8));
    const show = (some: typeof choices) =>
      render(
        <LabelDialog name="words" choices={some} unit="in" onTake={onTake} onClose={vi.fn()} />,
      );
    show(choices);
    fireEvent.click(screen.getByRole('button', { name: /Cove rectangles/ }));
    expect(onTake).toHaveBeenCalledWith(choices[0]);
    cleanup();
    show([]);
    expect(screen.getByText(/No die of the stash is large enough/)).toBeTruthy();
  });
});

describe('the ticket of a thing', () => {
  const off = { x: { from: 'left', distance: typed('1/2') } } as const;

  it('says where a ruler puts it, and turns and moves it', () => {
    const { ticket, changes } = showTicket(stampedOn('panel', 'bird', wren, off));
    expect(ticket.getByText(/^Lay it/).parentElement?.textContent).toContain('1⁄2 (12.7 mm)');
    fireEvent.change(ticket.getByLabelText('Place across'), { target: { value: 'third 2' } });
    const turn = ticket.getByLabelText('Turned, in degrees');
    fireEvent.change(turn, { target: { value: '-12.5' } });
    fireEvent.keyDown(turn, { key: 'Enter' });
    expect(changes()).toMatchObject([
      { place: { x: { from: 'third', which: 2 } } },
      { place: { turn: -12.5 } },
    ]);
  });

  it('of an image leaves layers out, colours them, and uses a part of it', () => {
    const { ticket, changes } = showTicket(stampedOn('panel', 'bird', wren));
    fireEvent.click(ticket.getByLabelText('body is there'));
    fireEvent.change(ticket.getByLabelText('lines'), { target: { value: '#3f6663' } });
    fireEvent.click(ticket.getByLabelText('only a part of it'));
    expect(changes()).toEqual([
      { colours: [null, '#1e2428'] },
      { colours: ['#7a6a55', '#3f6663'] },
      { crop: expect.objectContaining({ left: { ticks: 0 } }) as unknown },
    ]);
  });

  it('of words changes lettering and height', () => {
    const { ticket, changes } = showTicket(wordsOn('panel', 'words', ['hello']));
    fireEvent.change(ticket.getByLabelText('Lettering'), { target: { value: 'hand' } });
    const height = ticket.getByLabelText('small letters');
    fireEvent.change(height, { target: { value: '3/16' } });
    fireEvent.keyDown(height, { key: 'Enter' });
    expect(changes()).toEqual([
      { lettering: 'hand' },
      { xHeight: { ticks: inches(0, 3, 16), typed: '3/16' } },
    ]);
  });

  it('of a gem and of a line has their own figures', () => {
    const gem = showTicket(dotOn('panel', 'gem'));
    fireEvent.change(gem.ticket.getByLabelText('Sort'), { target: { value: 'drop' } });
    expect(gem.changes()).toEqual([{ look: 'drop' }]);
    cleanup();
    const line = showTicket(drawnOn('panel', 'line'));
    const width = line.ticket.getByLabelText('width');
    fireEvent.change(width, { target: { value: '0' } });
    fireEvent.keyDown(width, { key: 'Enter' });
    expect(line.ticket.getByRole('alert')).toBeTruthy();
    expect(line.changes()).toEqual([]);
  });

  it('of a die cut chooses the size of its set, turns it over and trims it', () => {
    const die = { by: 'die', set: coves, step: 0, turned: false } as const;
    const { ticket, changes } = showTicket(pieceOn('panel', 'cut', die));
    fireEvent.change(ticket.getByLabelText('Die of the set'), { target: { value: '2' } });
    fireEvent.click(ticket.getByLabelText('turned over'));
    fireEvent.change(ticket.getByLabelText('What hangs over'), {
      target: { value: 'with-support' },
    });
    fireEvent.click(ticket.getByLabelText('cut down'));
    expect(changes()).toEqual([
      { size: { ...die, step: 2 } },
      { isMirrored: true },
      { overhang: 'with-support' },
      { crop: expect.objectContaining({ top: { ticks: 0 } }) as unknown },
    ]);
  });
});
