import { describe, expect, it, vi } from 'vitest';
import type { CutPlan } from '../../core/cutting/cutPlan';
import { millimetres } from '../../core/length/length';
import type { CuttingReply } from '../../workers/cuttingMessages';
import { planInWorker, type Planning } from './planner';

const plan = (copies: number): CutPlan => ({ copies, stocks: [], unknown: [], pending: [] });

/** A worker that says what the test has it say. */
function fakeWorker() {
  const listeners = new Map<string, (event: unknown) => void>();
  return {
    terminate: vi.fn(),
    postMessage: vi.fn(),
    addEventListener: (name: string, listener: unknown) =>
      void listeners.set(name, listener as (event: unknown) => void),
    reply: (data: CuttingReply) => listeners.get('message')?.({ data }),
    fail: () => listeners.get('error')?.({}),
  };
}

function start() {
  const worker = fakeWorker();
  const states: Planning[] = [];
  const search = planInWorker(
    {
      copies: 1,
      stocks: [],
      unknown: [],
      kerf: millimetres(0),
      reach: undefined,
      useful: millimetres(20),
    },
    (state) => states.push(state),
    () => worker,
  );
  return { worker, states, search };
}

describe('planning in a worker', () => {
  it('tells each better plan, then the last, and ends the worker', () => {
    const { worker, states } = start();
    worker.reply({ kind: 'better', plan: plan(1) });
    worker.reply({ kind: 'done', plan: plan(2) });
    expect(states).toEqual([
      { kind: 'planning', plan: undefined },
      { kind: 'planning', plan: plan(1) },
      { kind: 'done', plan: plan(2) },
    ]);
    expect(worker.terminate).toHaveBeenCalledOnce();
  });

  it('ended by hand keeps the best so far, and hears nothing more', () => {
    const { worker, states, search } = start();
    worker.reply({ kind: 'better', plan: plan(1) });
    search.end();
    worker.reply({ kind: 'done', plan: plan(2) });
    search.end();
    expect(states.at(-1)).toEqual({ kind: 'ended', plan: plan(1) });
    expect(worker.terminate).toHaveBeenCalledOnce();
  });

  it('dropped says no word', () => {
    const { worker, states, search } = start();
    search.drop();
    worker.reply({ kind: 'done', plan: plan(2) });
    worker.fail();
    expect(states).toHaveLength(1);
    expect(worker.terminate).toHaveBeenCalled();
  });

  it('says that it failed, and leaves the reason in the log', () => {
    const log = vi.spyOn(console, 'error').mockImplementation(() => undefined);
    const { worker, states } = start();
    worker.reply({ kind: 'failed', message: 'why' });
    expect(states.at(-1)).toEqual({ kind: 'failed' });
    expect(log).toHaveBeenCalledWith(expect.stringContaining('why'));
    log.mockRestore();
  });
});
