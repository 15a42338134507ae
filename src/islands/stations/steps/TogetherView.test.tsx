import { cleanup, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { demoCards } from '../../../../test/support/demoCards';
import { newestWorker, useFakeWorkers } from '../../../../test/support/fakeWorker';
import { must } from '../../../../test/support/must';
import { monday } from '../../../../test/support/process';
import { renderIn, sessionOn } from '../../../../test/support/session';
import { makeTogether } from '../../../core/compute/makeTogether';
import { writeCardFile } from '../../../core/plan/cardFile';
import { withCopies } from '../../../core/plan/withCopies';
import { TogetherView } from './TogetherView';

const mooring = must(demoCards.find(({ id }) => id === 'mooring-by-lamplight'));
const parcel = must(demoCards.find(({ id }) => id === 'parcel-on-the-step'));

/** What the server answers, by the end of the path. */
let answers: Readonly<Record<string, () => Response>>;
beforeEach(() => {
  useFakeWorkers();
  answers = {
    sharing: () =>
      Response.json({
        cards: [
          { id: 'parcel-on-the-step', title: 'Parcel on the step', copies: 24, shared: ['Tallow'] },
        ],
      }),
    'card.nibwright.json': () => new Response(writeCardFile(parcel)),
  };
  vi.stubGlobal('fetch', (path: string) =>
    Promise.resolve(must(answers[must(path.split('/').at(-1))])()),
  );
});
afterEach(cleanup);

const open = () => renderIn(sessionOn(mooring.plan, mooring.library), <TogetherView />);
const choose = async () =>
  fireEvent.change(await screen.findByRole('combobox'), {
    target: { value: 'parcel-on-the-step' },
  });
const asked = () => waitFor(() => expect(newestWorker().asked).toHaveLength(1));

describe('together with another card', () => {
  it('offers the cards that share something, with what it is', async () => {
    open();
    expect(screen.getByRole('status').textContent).toContain('Looking');
    expect(await screen.findByRole('option', { name: 'Parcel on the step (Tallow)' })).toBeTruthy();
  });

  it('says that there are none, or why they could not be had', async () => {
    answers = { sharing: () => Response.json({ cards: [] }) };
    open();
    expect(await screen.findByText(/No other card is made with/)).toBeTruthy();
    cleanup();
    answers = {
      sharing: () => Response.json({ error: { message: 'The card is gone.' } }, { status: 404 }),
    };
    open();
    expect((await screen.findByRole('alert')).textContent).toContain('The card is gone.');
  });

  it('plans both at once, and tells what is saved and what is of which card', async () => {
    open();
    await screen.findByRole('option', { name: /Parcel/ });
    await choose();
    await asked();
    const joint = makeTogether(
      {
        cards: [mooring, { ...parcel, plan: withCopies(parcel.plan, 24) }],
        time: monday,
      },
      () => () => true,
    );
    newestWorker().tell({ kind: 'part', part: joint });
    expect(screen.getByText(/^1 Mooring by lamplight and 24 Parcel on the step: /)).toBeTruthy();
    const rows = within(screen.getByRole('table')).getAllByRole('row').slice(1);
    expect(rows).toHaveLength(joint.stages.length);
    const shared = joint.stages.findIndex(({ parts }) => parts.length > 1);
    expect(must(rows[shared]).textContent).toContain('Mooring by lamplight');
    expect(must(rows[shared]).textContent).toContain('Parcel on the step');
  });

  it('asks anew for another number of copies, and can be stopped', async () => {
    open();
    await screen.findByRole('option', { name: /Parcel/ });
    await choose();
    await asked();
    const first = newestWorker();
    const copies = screen.getByRole('textbox', { name: 'Copies' });
    fireEvent.change(copies, { target: { value: '12' } });
    fireEvent.keyDown(copies, { key: 'Enter' });
    await waitFor(() => expect(first.isEnded).toBe(true));
    expect(newestWorker().asked).toHaveLength(1);
    fireEvent.click(screen.getByRole('button', { name: 'Stop' }));
    expect(newestWorker().isEnded).toBe(true);
    expect(screen.getByRole('status').textContent).toContain('Stopped.');
    const stopped = newestWorker();
    fireEvent.click(screen.getByRole('button', { name: 'Begin anew' }));
    expect(newestWorker()).not.toBe(stopped);
    expect(newestWorker().asked).toHaveLength(1);
    expect(screen.getByRole('status').textContent).toContain('Planning');
  });

  it('says that the other card could not be read', async () => {
    answers = { ...answers, 'card.nibwright.json': () => new Response('{', { status: 200 }) };
    open();
    await screen.findByRole('option', { name: /Parcel/ });
    await choose();
    expect((await screen.findByRole('alert')).textContent).toMatch(/could not be read/);
  });
});
