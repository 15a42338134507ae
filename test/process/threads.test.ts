import { resolve } from 'node:path';
import { setTimeout as wait } from 'node:timers/promises';
import { describe, expect, it } from 'vitest';
import { ThreadPool } from '../../src/server/threads/ThreadPool';

const file = resolve('dist/computeThread.mjs');
const poolOf = (more: Partial<ConstructorParameters<typeof ThreadPool>[0]> = {}) =>
  new ThreadPool({ file, mostThreads: 1, mostWaiting: 6, mostOfOne: 4, megabytes: 128, ...more });

const lengths = {
  task: 'solveService',
  input: { subject: 'lengths', body: '{"texts":["1/4"],"leading":"in"}' },
};
const asked = { client: 'a', seconds: 10 };

describe('a thread', () => {
  it('that never returns is ended at its limit, and the next task is done', async () => {
    const pool = poolOf();
    const endless = pool.run({ task: 'never', input: undefined }, { client: 'a', seconds: 0.5 });
    await expect(endless).rejects.toMatchObject({
      status: 422,
      message: expect.stringContaining('0.5 seconds'),
    });
    expect(await pool.run<string>(lengths, asked)).toContain('"ticks":101600');
  });

  it('that takes all memory is ended alone', async () => {
    const pool = poolOf();
    const hoarder = pool.run({ task: 'hoard', input: undefined }, { client: 'a', seconds: 60 });
    await expect(hoarder).rejects.toMatchObject({
      status: 422,
      message: expect.stringContaining('memory'),
    });
    expect(await pool.run<string>(lengths, asked)).toContain('"ticks":101600');
  });

  it('is ended when the one who asked goes away, whether the task is done or waits', async () => {
    const pool = poolOf();
    const [now, later] = [new AbortController(), new AbortController()];
    const running = pool.run({ task: 'never', input: undefined }, { ...asked, signal: now.signal });
    const waiting = pool.run(
      { task: 'never', input: undefined },
      { ...asked, signal: later.signal },
    );
    const gone = [
      expect(running).rejects.toMatchObject({ status: 499 }),
      expect(waiting).rejects.toMatchObject({ status: 499 }),
    ];
    later.abort();
    now.abort();
    await Promise.all(gone);
    expect(await pool.run<string>(lengths, asked)).toContain('"ticks":101600');
  });

  it('tells a fault of ours as one, and goes on', async () => {
    const pool = poolOf();
    await expect(pool.run({ task: 'constructor', input: 1 }, asked)).rejects.toThrow('no task');
    expect(await pool.run<string>(lengths, asked)).toContain('"ticks":101600');
  });
});

describe('what waits', () => {
  it('has its turn by client, however many tasks one of them has waiting', async () => {
    const pool = poolOf();
    const done: string[] = [];
    const run = (client: string, name: string) =>
      pool.run(lengths, { client, seconds: 10 }).then(() => done.push(name));
    await Promise.all([
      run('a', 'a1'),
      run('a', 'a2'),
      run('a', 'a3'),
      run('b', 'b1'),
      run('c', 'c1'),
    ]);
    expect(done).toEqual(['a1', 'a2', 'b1', 'c1', 'a3']);
  });

  it('is refused where too much does, but for pages of ours, and told when to ask again', async () => {
    const pool = poolOf();
    const signals: AbortController[] = [];
    const hold = (client: string) => {
      const leaving = new AbortController();
      signals.push(leaving);
      return pool
        .run({ task: 'never', input: undefined }, { client, seconds: 60, signal: leaving.signal })
        .catch((error: { status: number; headers: object }) => error);
    };
    const held = [...'aaaaa', 'b'].map(hold);
    await wait(10);
    // One is being done and four wait for a; the sixth of a is one too many.
    expect(await hold('a')).toMatchObject({ status: 503, headers: { 'retry-after': '2' } });
    void hold('c');
    expect(await hold('d')).toMatchObject({ status: 503 });
    const ours = pool.run<string>(lengths, { client: 'page', seconds: 10, isOurs: true });
    for (const leaving of signals) leaving.abort();
    expect(await ours).toContain('"ticks":101600');
    await Promise.all(held);
  });
});
