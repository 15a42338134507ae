import { act, cleanup, renderHook } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { FakeWorker, newestWorker, useFakeWorkers } from '../../../test/support/fakeWorker';
import { must } from '../../../test/support/must';
import { fiveLayers, library } from '../../../test/support/plans';
import { useCardWorker, type CardQuestion } from './useCardWorker';

interface Told {
  readonly kind: 'told';
  readonly number: number;
  readonly what: string;
}

beforeEach(useFakeWorkers);
afterEach(cleanup);

const start = () => new FakeWorker() as unknown as Worker;
const take = (_: string | undefined, { what }: Told) => what;
const show = () => {
  const input = { plan: fiveLayers(), library, isLooked: true, start, take };
  return renderHook((given) => useCardWorker<Told, string>(given), { initialProps: input });
};
const numberAsked = () => (must(newestWorker().asked.at(-1)) as CardQuestion).number;
const send = (reply: object) => newestWorker().answer(reply);
const reply = (what: string, number = numberAsked()) => send({ kind: 'told', number, what });

describe('a card looked at in a worker', () => {
  it('is told as far as it is known, and is worked on until all is said', () => {
    const { result } = show();
    expect([result.current.told, result.current.isWorking]).toEqual([undefined, true]);
    reply('thin');
    reply('thick');
    expect([result.current.told, result.current.isWorking]).toEqual(['thick', true]);
    send({ kind: 'ended', number: numberAsked() });
    expect([result.current.told, result.current.isWorking]).toEqual(['thick', false]);
  });

  it('is asked about anew when it has changed, and what is still said of it before is not heard', () => {
    const { result, rerender } = show();
    reply('thin');
    const before = numberAsked();
    const plan = { ...fiveLayers(), overrides: [] };
    rerender({ plan, library, isLooked: true, start, take });
    expect([result.current.isOld, result.current.isWorking]).toEqual([true, true]);
    reply('late', before);
    expect(result.current.told).toBe('thin');
    reply('now');
    expect([result.current.told, result.current.isOld]).toEqual(['now', false]);
  });

  it('is stopped by hand, keeps what was told, and goes on by hand', () => {
    const { result } = show();
    reply('thin');
    const first = newestWorker();
    act(() => result.current.stop());
    expect(first.isEnded).toBe(true);
    expect(result.current).toMatchObject({ told: 'thin', isWorking: false, isStopped: true });
    act(() => result.current.resume());
    expect(newestWorker()).not.toBe(first);
    expect(result.current).toMatchObject({ isWorking: true, isStopped: false });
  });

  it('goes on by itself once the card has changed', () => {
    const { result, rerender } = show();
    act(() => result.current.stop());
    rerender({ plan: { ...fiveLayers() }, library, isLooked: true, start, take });
    expect(result.current).toMatchObject({ isWorking: true, isStopped: false });
  });

  it('says that it could not be worked out', () => {
    const error = vi.spyOn(console, 'error').mockImplementation(() => undefined);
    const { result } = show();
    send({ kind: 'failed', number: numberAsked(), message: 'out of memory' });
    expect(result.current).toMatchObject({ hasFailed: true, isWorking: false });
    expect(error).toHaveBeenCalledWith('useCardWorker: out of memory');
  });
});
