import { afterEach, beforeAll, beforeEach, describe, expect, it, vi } from 'vitest';
import { joinHouse } from './houseStream';

/** A stream whose events the test makes. */
class TestStream extends EventTarget {
  static readonly CLOSED = 2;
  static all: TestStream[] = [];
  readyState = 1;
  constructor() {
    super();
    TestStream.all.push(this);
  }
  close() {
    this.readyState = TestStream.CLOSED;
  }
  say(event: object) {
    this.dispatchEvent(new MessageEvent('message', { data: JSON.stringify(event) }));
  }
  /** As where the house refuses: it does not connect again. */
  refuse() {
    this.close();
    this.dispatchEvent(new Event('error'));
  }
}

const hello = { kind: 'hello', build: 'b1' } as const;
const post = vi.fn<() => Promise<Response>>();
const onEvent = vi.fn();
let leave: () => void;

// An event is read by a module that comes late; loaded before, it takes no time of its own.
beforeAll(() => import('../../core/replies/replies'));
beforeEach(() => {
  vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout', 'setInterval', 'clearInterval'] });
  TestStream.all = [];
  vi.stubGlobal('EventSource', TestStream);
  vi.stubGlobal('fetch', post);
  vi.stubGlobal(
    'BroadcastChannel',
    class extends EventTarget {
      postMessage() {}
      close() {}
    },
  );
  vi.stubGlobal('navigator', {
    locks: { request: (_: string, __: object, run: () => unknown) => Promise.resolve(run()) },
  });
  leave = joinHouse('rain-day', onEvent);
});
afterEach(() => {
  leave();
  vi.useRealTimers();
  vi.unstubAllGlobals();
  vi.clearAllMocks();
});

const lastStream = () => {
  const stream = TestStream.all.at(-1);
  if (!stream) throw new Error('no stream was opened');
  return stream;
};
const ok = () => Promise.resolve(new Response('{}'));
const lost = () => Promise.reject(new TypeError('the line is lost'));

/** Until all that waits for nothing but promises is done. */
async function settle(): Promise<void> {
  for (let turn = 0; turn < 20; turn++) await new Promise((resolve) => setImmediate(resolve));
}
async function pass(milliseconds: number): Promise<void> {
  await vi.advanceTimersByTimeAsync(milliseconds);
  await settle();
}

describe('what is heard from the house', () => {
  it('begins once the house knows which card is open, however often that is lost on the way', async () => {
    post.mockImplementationOnce(lost).mockImplementationOnce(lost).mockImplementation(ok);
    lastStream().say(hello);
    await settle();
    expect(post).toHaveBeenCalledTimes(1);
    // Which build the house is of is passed on at once.
    expect(onEvent.mock.calls).toEqual([[hello]]);
    await pass(2000);
    await pass(4000);
    expect(post).toHaveBeenCalledTimes(3);
    // A page looks anew for what was saved before the house knew.
    expect(onEvent.mock.calls).toEqual([[hello], [hello]]);
  });

  it('goes on after a refusal, as of a server that starts, and at once when the line is there again', async () => {
    post.mockImplementation(ok);
    lastStream().refuse();
    expect(TestStream.all).toHaveLength(1);
    await pass(2000);
    expect(TestStream.all).toHaveLength(2);
    lastStream().say(hello);
    await settle();
    expect([post.mock.calls.length, onEvent.mock.calls.length]).toEqual([1, 2]);
    window.dispatchEvent(new Event('online'));
    expect(TestStream.all).toHaveLength(3);
    lastStream().say(hello);
    await settle();
    expect([post.mock.calls.length, onEvent.mock.calls.length]).toEqual([2, 4]);
  });
});
