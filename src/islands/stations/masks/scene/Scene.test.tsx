import { cleanup, fireEvent, screen, within } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { demoCards } from '../../../../../test/support/demoCards';
import { after } from '../../../../../test/support/edits';
import { must } from '../../../../../test/support/must';
import { renderIn, sessionOn } from '../../../../../test/support/session';
import { maskCard } from '../../../../core/masking/maskCard';
import type { Library } from '../../../../core/plan/library';
import type { Plan } from '../../../../core/plan/plan';
import { changeScene } from '../../../../core/plan/sceneEdits';
import { MasksStation } from '../MasksStation';
import { masksFigure } from '../masksFigure';

afterEach(cleanup);

const { plan, library } = must(demoCards.find(({ id }) => id === 'hillside-beds'));

/** The station on a card whose masks are worked out. @returns what was committed */
function open(of: Plan, stash: Library = library) {
  const session = sessionOn(of, stash);
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

  it('opens a strip in another turn, and proposes the turns again', () => {
    const { commit } = open(plan);
    fireEvent.click(screen.getByRole('button', { name: 'Draw the strips' }));
    expect(screen.queryByRole('button', { name: 'Propose the turns' })).toBeNull();
    fireEvent.change(screen.getByRole('combobox', { name: 'Turn of strip 4' }), {
      target: { value: '3' },
    });
    const turns = [['far'], ['disc'], ['top', 'beans', 'near'], ['leeks']];
    expect(commit.mock.calls[0]?.[0]).toMatchObject({ change: { turns } });
    cleanup();
    const set = open(after(plan, changeScene(must(plan.scenes[0]), { turns } as never)));
    fireEvent.click(screen.getByRole('button', { name: 'Draw the strips' }));
    expect(screen.getByRole('heading', { level: 2 }).textContent).toBe(
      '4 turns as set by hand; strips 2, 3 and 5 and the disc laid back on dry ink, where 3 would do.',
    );
    fireEvent.click(screen.getByRole('button', { name: 'Propose the turns' }));
    expect(set.commit.mock.calls[0]?.[0]).toMatchObject({ change: { turns: null } });
  });

  it('inks light that recurs in every strip, and lays the edge of a die across', () => {
    const shape = { box: { width: 10, height: 4 }, outline: 'M0 2L5 0L10 2L10 4L0 4Z' };
    const step = { width: { ticks: 2_240_000 }, height: { ticks: 640_000 } };
    const gable = {
      ...{ kind: 'die-set', id: 'gable', version: 1, name: 'Gable border', cuts: 'border' },
      ...{ sale: { from: null, until: null }, stitch: null, goesWith: [] },
      ...{ shape, steps: [step] },
    } as unknown as (typeof library)[number];
    const { commit } = open(plan, [...library, gable]);
    fireEvent.click(screen.getByRole('button', { name: 'Draw the strips' }));
    const every = 'Sun in every strip, as light that recurs';
    fireEvent.click(screen.getByRole('checkbox', { name: every }));
    fireEvent.change(screen.getByRole('combobox', { name: 'Line 1 follows' }), {
      target: { value: 'of gable' },
    });
    const [light, edge] = commit.mock.calls.map(([edit]) => edit as unknown);
    const strips = expect.arrayContaining([
      'top',
      'far',
      'beans',
      'leeks',
      'near',
      'disc',
    ]) as string[];
    expect(light).toMatchObject({
      change: { inked: expect.arrayContaining([{ piece: 'sun', strips }]) as unknown },
    });
    expect(edge).toMatchObject({
      change: { lines: [{ id: 'far', edge: { by: 'die', name: 'Gable border' } }, {}, {}, {}] },
    });
  });

  it('divides a paper that is not', () => {
    const { commit } = open({ ...plan, scenes: [] });
    fireEvent.click(screen.getByRole('button', { name: 'Divide Hill panel into strips' }));
    expect(commit.mock.calls[0]?.[0]).toMatchObject({
      kind: 'put',
      in: 'scenes',
      item: { on: { piece: 'hill-panel' }, name: 'Hill panel in strips', inked: [] },
    });
  });
});
