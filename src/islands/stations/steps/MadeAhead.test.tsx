import { cleanup, fireEvent, screen, within } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { demoCards } from '../../../../test/support/demoCards';
import { must } from '../../../../test/support/must';
import { monday, processOf } from '../../../../test/support/process';
import { processAtRest, renderIn, sessionOn } from '../../../../test/support/session';
import { withCopies } from '../../../core/plan/withCopies';
import type { Ahead } from '../../../core/process/ahead';
import { StepsStation } from './StepsStation';

beforeEach(() => {
  sessionStorage.clear();
  Element.prototype.scrollIntoView = vi.fn();
});
afterEach(cleanup);

const { plan: one, library } = must(demoCards.find(({ id }) => id === 'mooring-by-lamplight'));
const blended: Ahead = { step: 'blend:dusk:chalk', name: 'Blend dusk', count: 4 };

function planned(ahead: readonly Ahead[], copies = 1) {
  const plan = withCopies(one, copies);
  const session = sessionOn(plan, library);
  const time = { ...monday, ahead };
  const keep = vi.fn<(next: Omit<Ahead, 'count'>, count: number) => void>();
  return {
    ...session,
    process: { plan: processOf(plan, library, time), time, ...processAtRest },
    ahead: { ahead, failure: undefined, keep },
  };
}

const rows = () => within(screen.getByRole('group', { name: /^Steps, in the order/ }));
const shelf = () => screen.getByRole('region', { name: 'Made ahead' });

describe('what is made ahead', () => {
  it('is told at its step, of what can be kept alone', () => {
    const session = planned([]);
    renderIn(session, <StepsStation />);
    expect(screen.queryByRole('region', { name: 'Made ahead' })).toBeNull();
    fireEvent.click(rows().getByRole('button', { name: /Blend dusk/ }));
    const ticket = within(screen.getByRole('region', { name: /^Step \d+$/ }));
    const field = ticket.getByRole('textbox', { name: 'Made ahead' });
    fireEvent.change(field, { target: { value: 'some' } });
    fireEvent.keyDown(field, { key: 'Enter' });
    expect(ticket.getByRole('alert').textContent).toMatch(/whole number/);
    expect(session.ahead.keep).not.toHaveBeenCalled();
    fireEvent.change(field, { target: { value: '6' } });
    fireEvent.keyDown(field, { key: 'Enter' });
    expect(session.ahead.keep).toHaveBeenCalledWith(
      expect.objectContaining({ step: blended.step }),
      6,
    );
    fireEvent.click(rows().getByRole('button', { name: /Glue .*Buoy mat/ }));
    expect(screen.queryByRole('textbox', { name: 'Made ahead' })).toBeNull();
  });

  it('takes its steps away, and is taken out of the stash there', () => {
    const session = planned([blended]);
    renderIn(session, <StepsStation />);
    expect(rows().queryByRole('button', { name: /Blend dusk/ })).toBeNull();
    expect(shelf().textContent).toMatch(/\d+ steps of 1 card need not be done\./);
    const field = within(shelf()).getByRole('textbox', { name: /Blend dusk/ });
    fireEvent.change(field, { target: { value: '0' } });
    fireEvent.keyDown(field, { key: 'Enter' });
    expect(session.ahead.keep).toHaveBeenCalledWith({ step: blended.step, name: blended.name }, 0);
  });

  it('leaves the rest of a batch to be made', () => {
    renderIn(planned([blended], 10), <StepsStation />);
    expect(rows().getByRole('button', { name: /Blend dusk/ })).toBeTruthy();
    expect(shelf().textContent).toContain('Not enough for 10 cards: the rest is made.');
    fireEvent.click(screen.getByRole('button', { name: /10 copies by stage/ }));
    expect(screen.getByRole('table').textContent).toContain('4 ahead');
  });

  it('is counted at the bench, and used up with the batch', () => {
    const session = planned([blended], 10);
    const { work, process } = session;
    const at = '2026-01-05T20:00:00.000Z';
    const stages = must(must(process.plan).batch).stages;
    const done = (ids: readonly string[]) => ({
      ...{ copies: 10, startedAt: at, current: null },
      steps: ids.map((step) => ({
        ...{ step, name: step, copies: 10, spent: 60, planned: 60 },
        ...{ firstAt: at, lastAt: at },
      })),
    });
    const ids = stages.map(({ step }) => step.id);
    const blend = must(ids.find((id) => id.startsWith('blend')));
    const before = ids.slice(0, ids.indexOf(blend));
    const { unmount } = renderIn(
      { ...session, work: { ...work, work: done(before) } },
      <StepsStation />,
    );
    fireEvent.click(screen.getByRole('button', { name: 'Go on at the bench' }));
    expect(screen.getByRole('button', { name: '5 of 10 done' })).toBeTruthy();
    unmount();
    renderIn({ ...session, work: { ...work, work: done(ids) } }, <StepsStation />);
    fireEvent.click(screen.getByRole('button', { name: /what was made ahead is used up/ }));
    expect(session.ahead.keep).toHaveBeenCalledWith(blended, 0);
    expect(work.keep).toHaveBeenCalledWith(null);
  });
});
