import { act, cleanup, fireEvent, screen, within } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { demoCards } from '../../../../test/support/demoCards';
import { must } from '../../../../test/support/must';
import { monday, processOf } from '../../../../test/support/process';
import { processAtRest, renderIn, sessionOn } from '../../../../test/support/session';
import { applyEdit } from '../../../core/plan/applyEdit';
import type { Edit } from '../../../core/plan/edit';
import type { Plan } from '../../../core/plan/plan';
import type { WorkBatch } from '../../../core/process/workBatch';
import { dayAt } from '../../../core/prose/timeWords';
import { stepsFigure } from './stepsFigure';
import { StepsStation } from './StepsStation';

beforeEach(() => {
  sessionStorage.clear();
  Element.prototype.scrollIntoView = vi.fn();
});
afterEach(cleanup);

const { plan, library } = must(demoCards.find(({ id }) => id === 'mooring-by-lamplight'));

/** A session of which the steps are worked out. */
function planned(of: Plan = plan, work: WorkBatch | null = null) {
  const session = sessionOn(of, library);
  const keep = vi.fn<(next: WorkBatch | null) => void>();
  return {
    ...session,
    process: { plan: processOf(of, library), time: monday, ...processAtRest },
    work: { work, failure: undefined, keep },
  };
}

const after = (of: Plan, edit: Edit | undefined): Plan => {
  const outcome = applyEdit(of, must(edit));
  if (!outcome.ok) throw new Error(outcome.issue.code);
  return outcome.plan;
};

const rows = () => within(screen.getByRole('group', { name: /^Steps, in the order/ }));

describe('the Steps station', () => {
  it('says that it is putting steps in order, and that it could not', () => {
    const session = sessionOn(plan, library);
    const { unmount } = renderIn(session, <StepsStation />);
    expect(screen.getByRole('status').textContent).toBe('Putting the steps in order…');
    unmount();
    renderIn({ ...session, process: { ...session.process, hasFailed: true } }, <StepsStation />);
    expect(screen.getByRole('status').textContent).toMatch(/could not be worked out/);
  });

  it('says what takes long, which is stopped and goes on by hand', () => {
    vi.useFakeTimers();
    const session = planned();
    const process = { ...session.process, isWorking: true };
    const { unmount } = renderIn({ ...session, process }, <StepsStation />);
    expect(screen.queryByText(/fewer changes…/)).toBeNull();
    act(() => void vi.advanceTimersByTime(600));
    expect(screen.getByText(/fewer changes…/)).toBeTruthy();
    fireEvent.click(screen.getByRole('button', { name: 'Stop' }));
    expect(process.stop).toHaveBeenCalledOnce();
    unmount();
    vi.useRealTimers();
    renderIn({ ...session, process: { ...process, isStopped: true } }, <StepsStation />);
    fireEvent.click(screen.getByRole('button', { name: 'Plan on' }));
    expect(process.resume).toHaveBeenCalledOnce();
  });

  it('proves its evenings, and tells what each step waits for and why', () => {
    const session = planned();
    renderIn(session, <StepsStation />);
    expect(screen.getByText(/^2 evenings, .* at work; one is impossible$/)).toBeTruthy();
    fireEvent.click(rows().getByRole('button', { name: /Wipe the embossed/ }));
    const ticket = screen.getByRole('region', { name: /^Step \d+$/ });
    expect(ticket.textContent).toContain('ink lies on the embossed lines until they are wiped');
    expect(stepsFigure(session.process)).toEqual({ text: '2 evenings', isOld: false });
  });

  it('draws each step along time, to be chosen there too', () => {
    renderIn(planned(), <StepsStation />);
    const strip = within(screen.getByRole('group', { name: 'The work along time' }));
    const blocks = strip.getAllByRole('button');
    expect(blocks).toHaveLength(must(planned().process.plan).steps.length);
    fireEvent.click(strip.getByRole('button', { name: /Blend dusk/ }));
    expect(strip.getByRole('button', { name: /Blend dusk/ }).getAttribute('aria-pressed')).toBe(
      'true',
    );
    expect(screen.getByRole('region', { name: /^Step \d+$/ }).textContent).toContain('Dusk');
  });

  it('moves a step by keys, and shows what is against a rule', () => {
    const session = planned();
    const { unmount } = renderIn(session, <StepsStation />);
    const steps = must(session.process.plan).steps;
    const heat = steps.findIndex(({ kind }) => kind === 'heat');
    const blend = steps.findIndex(({ kind }) => kind === 'blend');
    fireEvent.click(rows().getByRole('button', { name: /Heat still/ }));
    for (let at = heat; at < blend; at += 1)
      fireEvent.keyDown(document, { key: 'ArrowDown', code: 'ArrowDown', altKey: true });
    const edits = session.commit.mock.calls.map(([edit]) => edit);
    expect(edits.length).toBeGreaterThan(0);
    unmount();
    const moved = planned(
      after(plan, {
        kind: 'put',
        in: 'overrides',
        item: {
          ...{ kind: 'before', step: must(steps[blend]).id, then: must(steps[heat]).id },
          waits: false,
        },
      }),
    );
    renderIn(moved, <StepsStation />);
    expect(rows().getAllByLabelText('against a rule:').length).toBeGreaterThan(0);
  });

  it('takes minutes and words of a step, leaves it out and puts it back', () => {
    const session = planned();
    const { unmount } = renderIn(session, <StepsStation />);
    const ticket = () => within(screen.getByRole('region', { name: /^Step \d+$/ }));
    const minutes = ticket().getByRole('textbox', { name: 'At work' });
    fireEvent.change(minutes, { target: { value: 'long' } });
    fireEvent.blur(minutes);
    expect(ticket().getByRole('alert').textContent).toContain('Minutes from 0');
    fireEvent.change(minutes, { target: { value: '4' } });
    fireEvent.blur(minutes);
    fireEvent.click(ticket().getByRole('button', { name: 'Leave it out' }));
    const [timed, skipped] = session.commit.mock.calls.map(([edit]) => edit);
    const first = must(must(session.process.plan).steps[0]);
    expect(after(plan, timed).overrides).toEqual([
      { kind: 'minutes', step: first.id, minutes: 4, drying: null },
    ]);
    unmount();
    const without = planned(after(plan, skipped));
    renderIn(without, <StepsStation />);
    const left = within(screen.getByRole('region', { name: 'Left out' }));
    fireEvent.click(left.getByRole('button', { name: 'Put it back' }));
    expect(without.commit).toHaveBeenCalledWith({
      kind: 'remove',
      in: 'overrides',
      id: `skip ${first.id}`,
    });
  });

  it('adds a step of one’s own, and sets evenings for the card', () => {
    const session = planned();
    renderIn(session, <StepsStation />);
    fireEvent.keyDown(document, { key: 'n', code: 'KeyN' });
    const evenings = within(screen.getByRole('region', { name: 'Evenings' }));
    fireEvent.click(evenings.getByRole('checkbox', { name: 'Sat' }));
    const [added, set] = session.commit.mock.calls.map(([edit]) => edit);
    expect(after(plan, added).overrides[0]?.kind).toBe('add');
    expect(after(plan, set).making.evenings?.weekly.map(({ day }) => day)).toEqual([
      1, 2, 3, 4, 5, 6,
    ]);
  });

  it('shows copies by stage, with what is laid out before each', () => {
    const many = { ...plan, making: { ...plan.making, copies: 12 } };
    const session = planned(many);
    const { work } = must(must(session.process.plan).batch);
    if (!work.ok) throw new Error('no evenings');
    renderIn(session, <StepsStation />);
    const done = (end: number) => screen.queryByText(new RegExp(`Done on ${dayAt(end, 'UTC')}`));
    expect(done(work.plan.end)).toBeNull();
    fireEvent.keyDown(document, { key: 'c', code: 'KeyC' });
    // All that is told beside the stages is of all copies.
    expect(done(work.plan.end)).toBeTruthy();
    const evenings = `${work.plan.sessions.length} evenings`;
    expect(screen.getByText(new RegExp(`^${evenings}, .* at work`))).toBeTruthy();
    expect(stepsFigure(session.process).text).toBe(evenings);
    const stages = within(screen.getByRole('region', { name: '12 copies, by stage' }));
    expect(stages.getAllByRole('row').length).toBeGreaterThan(15);
    expect(stages.getByText(/a card\./).textContent).toMatch(/finished/);
  });
});

describe('the bench', () => {
  const atBench = (of: Plan = plan, work: WorkBatch | null = null) => {
    const session = planned(of, work);
    renderIn(session, <StepsStation />);
    fireEvent.keyDown(document, { key: 'b', code: 'KeyB' });
    return { session, bench: within(screen.getByRole('region', { name: 'At the bench' })) };
  };
  const first = must(processOf(plan, library).steps[0]);

  it('ticks a step by space and takes up the next', () => {
    const { session, bench } = atBench();
    expect(bench.getByRole('heading', { level: 2 }).textContent).toMatch(/^Cut/);
    fireEvent.keyDown(document, { key: ' ', code: 'Space' });
    const [kept] = must(session.work.keep.mock.calls[0]);
    expect(kept?.steps.map(({ step, copies }) => [step, copies])).toEqual([[first.id, 1]]);
    expect(kept?.current?.step).not.toBe(first.id);
  });

  it('counts copies one by one, or takes all at once', () => {
    const many = { ...plan, making: { ...plan.making, copies: 12 } };
    const { session, bench } = atBench(many);
    expect(bench.getByRole('button', { name: '1 of 12 done' })).toBeTruthy();
    fireEvent.keyDown(document, { key: ' ', code: 'Space' });
    expect(must(session.work.keep.mock.calls[0])[0]?.steps[0]?.copies).toBe(1);
    fireEvent.keyDown(document, { key: 'Enter', code: 'Enter' });
    expect(must(session.work.keep.mock.calls[1])[0]?.steps[0]?.copies).toBe(12);
  });

  it('times what dries by the clock, and says what may be done meanwhile', () => {
    const blend = must(processOf(plan, library).steps.find(({ kind }) => kind === 'blend'));
    const now = new Date().toISOString();
    const work: WorkBatch = {
      ...{ copies: 1, startedAt: now, current: { step: 'glue:tower:foam', since: now } },
      steps: processOf(plan, library)
        .steps.filter(
          ({ kind }) => kind !== 'glue' && kind !== 'drops' && kind !== 'photo' && kind !== 'sign',
        )
        .map(({ id }) => ({
          ...{ step: id, name: id, copies: 1, spent: 60, planned: 60 },
          ...{ firstAt: now, lastAt: now },
        })),
    };
    const { bench } = atBench(plan, work);
    expect(bench.getByRole('status').textContent).toMatch(/is dry in (3:59:5|4:00:0)/);
    expect(bench.getAllByRole('timer').length).toBeGreaterThan(0);
    const meanwhile = within(bench.getByRole('region', { name: 'Meanwhile' }));
    expect(meanwhile.getByRole('button', { name: 'Sign the back' })).toBeTruthy();
    expect(blend.drying.usual).toBe(240);
  });

  it('says how long all took when it is done, and begins anew', () => {
    const now = new Date().toISOString();
    const { steps } = processOf(plan, library);
    const work: WorkBatch = {
      ...{ copies: 1, startedAt: now, current: null },
      steps: steps.map(({ id }) => ({
        ...{ step: id, name: id, copies: 1, spent: 120, planned: 60, firstAt: now, lastAt: now },
      })),
    };
    const { session, bench } = atBench(plan, work);
    expect(bench.getByText(/^It took \d+ min; /)).toBeTruthy();
    fireEvent.click(bench.getByRole('button', { name: 'Begin anew' }));
    expect(session.work.keep).toHaveBeenCalledWith(null);
  });
});
