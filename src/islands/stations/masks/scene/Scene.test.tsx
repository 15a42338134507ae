import { cleanup, fireEvent, screen, within } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { demoCards } from '../../../../../test/support/demoCards';
import { must } from '../../../../../test/support/must';
import { renderIn, sessionOn } from '../../../../../test/support/session';
import { maskCard } from '../../../../core/masking/maskCard';
import type { Plan } from '../../../../core/plan/plan';
import { MasksStation } from '../MasksStation';
import { masksFigure } from '../station';

afterEach(cleanup);

const { plan, library } = must(demoCards.find(({ id }) => id === 'hillside-beds'));

/** The station on a card whose masks are worked out. @returns what was committed */
function open(of: Plan) {
  const session = sessionOn(of, library);
  const commit = vi.fn();
  const masks = { ...session.masks, plan: maskCard(of, session.card) };
  renderIn({ ...session, commit, masks }, <MasksStation />);
  return { commit, masks };
}

describe('a scene on the Masks station', () => {
  it('tells the turns with the proof, and ticks what is inked in which strip', () => {
    const { commit, masks } = open(plan);
    expect(masksFigure({ ...masks, isOld: false }).text).toBe('6 strips');
    fireEvent.click(screen.getByRole('button', { name: 'Draw the strips' }));
    expect(screen.getByRole('heading', { level: 2 }).textContent).toBe(
      '3 turns; strips 2 and 4 and the disc laid back on dry ink, fewer is impossible.',
    );
    const table = screen.getByRole('table');
    const ticked = within(table)
      .getAllByRole('checkbox', { checked: true })
      .map((box) => box.getAttribute('aria-label'));
    expect(ticked).toContain('Scarecrow in strip 3');
    expect(ticked).toContain('Sun in the disc');
    fireEvent.click(within(table).getByRole('checkbox', { name: 'Seed bed in strip 4' }));
    expect(commit).toHaveBeenCalledOnce();
    expect(commit.mock.calls[0]?.[0]).toMatchObject({
      in: 'scenes',
      id: 'hillside',
      change: { inked: expect.arrayContaining([{ piece: 'rows', strips: ['near', 'leeks'] }]) },
    });
  });

  it('takes a line away, gives the disc up, and no strips at all', () => {
    const { commit } = open(plan);
    fireEvent.click(screen.getByRole('button', { name: 'Draw the strips' }));
    fireEvent.click(screen.getByRole('button', { name: 'Remove line 2' }));
    fireEvent.click(screen.getByRole('button', { name: 'Take the disc away' }));
    fireEvent.click(screen.getByRole('button', { name: 'No strips' }));
    const [line, disc, none] = commit.mock.calls.map(([edit]) => edit as unknown);
    expect(line).toMatchObject({
      change: { lines: [{ id: 'far' }, { id: 'leeks' }, { id: 'near' }] },
    });
    expect(disc).toMatchObject({ change: { disc: null } });
    expect(none).toEqual({ kind: 'remove', in: 'scenes', id: 'hillside' });
  });

  it('divides a paper that is not', () => {
    const { commit } = open({ ...plan, scenes: [] });
    fireEvent.click(screen.getByRole('button', { name: 'Divide it into strips' }));
    expect(commit.mock.calls[0]?.[0]).toMatchObject({
      kind: 'put',
      in: 'scenes',
      item: { on: { piece: 'hill-panel' }, name: 'Hill panel in strips', inked: [] },
    });
  });
});
