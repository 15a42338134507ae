import { act, cleanup, fireEvent, renderHook, screen, within } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { demoCards } from '../../../../test/support/demoCards';
import { must } from '../../../../test/support/must';
import { monday } from '../../../../test/support/process';
import { renderIn, sessionOn } from '../../../../test/support/session';
import type { CopiesPoint } from '../../../core/process/copiesPoint';
import type { CopiesQuestion, CopiesReply } from '../../../workers/copiesMessages';
import { CopiesView } from './CopiesView';
import { useCopiesTrace } from './useCopiesTrace';

const show = vi.fn();
vi.mock('./drawCopies', () => ({
  drawCopies: () => ({ show, onChoose: vi.fn(), end: vi.fn() }),
}));

/** Workers as they were begun; the test says what each tells. */
class FakeWorker extends EventTarget {
  static readonly begun: FakeWorker[] = [];
  readonly asked: CopiesQuestion[] = [];
  isEnded = false;

  constructor() {
    super();
    FakeWorker.begun.push(this);
  }

  postMessage(question: CopiesQuestion) {
    this.asked.push(question);
  }

  terminate() {
    this.isEnded = true;
  }

  tell(reply: CopiesReply) {
    if (!this.isEnded) this.dispatchEvent(new MessageEvent('message', { data: reply }));
  }
}
vi.stubGlobal('Worker', FakeWorker);
afterEach(() => {
  cleanup();
  FakeWorker.begun.length = 0;
});

const parcel = must(demoCards.find(({ id }) => id === 'parcel-on-the-step'));
const newest = () => must(FakeWorker.begun.at(-1));
const point = (copies: number, sheets: number): CopiesPoint => ({
  ...{ copies, sheets, evenings: 1, isLeast: true, costOfOne: 150, unpriced: [] },
  stocks: [{ name: 'Kraft', sheets }],
});
const tell = (reply: CopiesReply) => act(() => newest().tell(reply));

describe('what more copies take', () => {
  it('shows each number as it is worked out, with how far it is', () => {
    renderIn(sessionOn(parcel.plan, parcel.library), <CopiesView />);
    expect(screen.getByRole('status').textContent).toContain('0 of 36');
    tell({ kind: 'point', point: point(1, 1) });
    tell({ kind: 'point', point: point(2, 1) });
    const row = within(screen.getByRole('table')).getAllByRole('row')[1];
    expect(must(row).textContent).toBe('11 Kraft11.50nothing');
    expect(screen.getByRole('status').textContent).toContain('2 of 36');
    tell({ kind: 'done' });
    expect(screen.queryByRole('status')).toBeNull();
  });

  it('is stopped by hand, and keeps what is told', () => {
    renderIn(sessionOn(parcel.plan, parcel.library), <CopiesView />);
    tell({ kind: 'point', point: point(1, 1) });
    fireEvent.click(screen.getByRole('button', { name: 'Stop' }));
    expect(newest().isEnded).toBe(true);
    expect(screen.getByRole('status').textContent).toMatch(/^Stopped: 1 of 36/);
    expect(within(screen.getByRole('table')).getAllByRole('row')).toHaveLength(2);
  });

  it('makes as many as one chooses', () => {
    const session = sessionOn(parcel.plan, parcel.library);
    renderIn(session, <CopiesView />);
    tell({ kind: 'point', point: point(1, 1) });
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

describe('tracing copies in a worker', () => {
  const question: CopiesQuestion = {
    ...{ plan: parcel.plan, library: parcel.library, holdings: [], time: monday },
    ...{ envelope: undefined, most: 3 },
  };
  const makeWorker = () => new FakeWorker() as unknown as Worker;

  it('ends the work on one question when there is another, and forgets what it told', () => {
    const { result, rerender } = renderHook((asked) => useCopiesTrace(asked, makeWorker), {
      initialProps: question,
    });
    tell({ kind: 'point', point: point(1, 1) });
    const first = newest();
    rerender({ ...question, most: 2 });
    expect([first.isEnded, result.current.points, result.current.state]).toEqual([
      ...[true, []],
      'working',
    ]);
    tell({ kind: 'point', point: point(1, 4) });
    expect(result.current.points).toEqual([point(1, 4)]);
  });
});
