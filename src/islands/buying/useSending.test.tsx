import { cleanup, renderHook } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { demoCards } from '../../../test/support/demoCards';
import { FakeWorker, useFakeWorkers } from '../../../test/support/fakeWorker';
import { must } from '../../../test/support/must';
import type { CardFile } from '../../core/plan/cardFile';
import { plainMail } from '../../core/stash/plainMail';
import type { SendingQuestion } from '../../workers/sendingMessages';
import { useSending } from './useSending';

beforeEach(useFakeWorkers);
afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const [first, second] = demoCards;
const files = [must(first), must(second)];
const sent = { envelope: undefined, postage: undefined };
const none: never[] = [];

function send(of: readonly CardFile[], isReady = true) {
  const ask = (chosen: readonly CardFile[], ready: boolean) =>
    ({ files: chosen, library: none, holdings: none, mail: plainMail, isReady: ready }) as const;
  const { result, rerender } = renderHook((input: ReturnType<typeof ask>) => useSending(input), {
    initialProps: ask(of, isReady),
  });
  return { result, again: (next: readonly CardFile[]) => rerender(ask(next, true)) };
}

describe('what sends the cards of a buying list', () => {
  it('is worked out card by card, each once, and says how many are left', () => {
    const { result, again } = send(files.slice(0, 1));
    const worker = must(FakeWorker.begun[0]);
    expect(result.current.left).toBe(1);
    worker.answer({ kind: 'sent', number: 1, id: must(first).id, sent });
    expect(result.current.left).toBe(0);
    again(files);
    expect(result.current.left).toBe(1);
    expect(
      (worker.asked as SendingQuestion[]).map(({ cards }) => cards.map(({ id }) => id)),
    ).toEqual([[must(first).id], [must(second).id]]);
    // An answer to the question before counts no more.
    worker.answer({ kind: 'sent', number: 1, id: must(second).id, sent });
    expect(result.current.left).toBe(1);
    worker.answer({ kind: 'sent', number: 2, id: must(second).id, sent });
    expect([...result.current.sent.keys()]).toEqual(files.map(({ id }) => id));
    expect(FakeWorker.begun).toHaveLength(1);
  });

  it('waits for the stash, and tells where it cannot be worked out', () => {
    vi.spyOn(console, 'error').mockImplementation(() => undefined);
    const { result, again } = send(files, false);
    expect(FakeWorker.begun).toHaveLength(0);
    again(files);
    expect(result.current.hasFailed).toBe(false);
    must(FakeWorker.begun[0]).answer({ kind: 'failed', number: 1, message: 'no' });
    expect(result.current.hasFailed).toBe(true);
    vi.restoreAllMocks();
  });
});
