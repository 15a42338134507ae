import { cleanup, fireEvent, renderHook, screen, within } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { demoCards } from '../../../../test/support/demoCards';
import { FakeWorker, newestWorker, useFakeWorkers } from '../../../../test/support/fakeWorker';
import { must } from '../../../../test/support/must';
import { renderIn, sessionOn } from '../../../../test/support/session';
import type { CopiesPoint } from '../../../core/process/copiesPoint';
import type { StreamReply } from '../../../workers/streamReply';
import { CopiesView } from './CopiesView';
import { useWorkerStream } from '../../session/useWorkerStream';

const show = vi.fn();
vi.mock('./drawCopies', () => ({
  drawCopies: () => ({ show, onChoose: vi.fn(), end: vi.fn() }),
}));

beforeEach(useFakeWorkers);
afterEach(cleanup);

const parcel = must(demoCards.find(({ id }) => id === 'parcel-on-the-step'));
const point = (copies: number, sheets: number): CopiesPoint => ({
  ...{ copies, sheets, evenings: 1, isLeast: true, costOfOne: 150, unpriced: [] },
  stocks: [{ name: 'Kraft', sheets }],
});
const tell = (reply: StreamReply<CopiesPoint>) => newestWorker().tell(reply);

describe('what more copies take', () => {
  it('shows each number as it is worked out, with how far it is', () => {
    renderIn(sessionOn(parcel.plan, parcel.library), <CopiesView />);
    expect(screen.getByRole('status').textContent).toContain('0 of 36');
    tell({ kind: 'part', part: point(1, 1) });
    tell({ kind: 'part', part: point(2, 1) });
    const row = within(screen.getByRole('table')).getAllByRole('row')[1];
    expect(must(row).textContent).toBe('11 Kraft11.50nothing');
    expect(screen.getByRole('status').textContent).toContain('2 of 36');
    tell({ kind: 'done' });
    expect(screen.queryByRole('status')).toBeNull();
  });

  it('is stopped by hand, and keeps what is told', () => {
    renderIn(sessionOn(parcel.plan, parcel.library), <CopiesView />);
    tell({ kind: 'part', part: point(1, 1) });
    fireEvent.click(screen.getByRole('button', { name: 'Stop' }));
    expect(newestWorker().isEnded).toBe(true);
    expect(screen.getByRole('status').textContent).toMatch(/^Stopped: 1 of 36/);
    expect(within(screen.getByRole('table')).getAllByRole('row')).toHaveLength(2);
  });

  it('makes as many as one chooses', () => {
    const session = sessionOn(parcel.plan, parcel.library);
    renderIn(session, <CopiesView />);
    tell({ kind: 'part', part: point(1, 1) });
    fireEvent.click(screen.getByRole('button', { name: '1' }));
    expect(session.commit).toHaveBeenCalledWith({ kind: 'set-making', change: { copies: 1 } });
  });

  it('says that it could not be worked out', () => {
    vi.spyOn(console, 'error').mockImplementation(() => undefined);
    renderIn(sessionOn(parcel.plan, parcel.library), <CopiesView />);
    tell({ kind: 'failed', message: 'out of memory' });
    expect(screen.getByRole('status').textContent).toMatch(/could not be worked out/);
  });
});

describe('a question to a worker', () => {
  const makeWorker = () => new FakeWorker() as unknown as Worker;

  it('ends the work on the one before, and forgets what that told', () => {
    const { result, rerender } = renderHook((asked) => useWorkerStream(asked, makeWorker), {
      initialProps: { most: 3 },
    });
    tell({ kind: 'part', part: point(1, 1) });
    const first = newestWorker();
    rerender({ most: 2 });
    expect([first.isEnded, result.current.parts, result.current.state]).toEqual([
      ...[true, []],
      'working',
    ]);
    tell({ kind: 'part', part: point(1, 4) });
    expect(result.current.parts).toEqual([point(1, 4)]);
  });
});
