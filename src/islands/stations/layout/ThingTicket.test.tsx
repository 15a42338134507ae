import { cleanup, fireEvent } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import {
  coves,
  dotOn,
  drawnOn,
  pieceOn,
  stampedOn,
  typed,
  wordsOn,
  wren,
  layersIn,
} from '../../../../test/support/plans';
import { showTicket } from '../../../../test/support/showTicket';
import { inches } from '../../../core/length/length';

afterEach(cleanup);

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
    const lines = ticket.getByLabelText('lines, as a colour');
    fireEvent.change(lines, { target: { value: '#3f6663' } });
    fireEvent.click(ticket.getByLabelText('only a part of it'));
    expect(changes()).toEqual([
      { layers: layersIn(null, '#1e2428') },
      { layers: layersIn('#7a6a55', '#3f6663') },
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
