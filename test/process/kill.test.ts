import { mkdtemp, readdir, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { setTimeout as wait } from 'node:timers/promises';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { readCardFile } from '../../src/core/plan/cardFile';
import { CardSaver, type SaveReply } from '../../src/islands/session/cardSaver';
import { startRefused, startServer, type RunningServer } from './server';

const port = 4193;
let folder: string;
let server: RunningServer;

beforeAll(async () => {
  folder = await mkdtemp(join(tmpdir(), 'nibwright-process-'));
  server = await startServer({ folder, port });
});
afterAll(async () => {
  await server.stop();
  await rm(folder, { recursive: true });
});

/** A small seeded generator (mulberry32), so that a failing run can be had again. */
function seeded(seed: number): () => number {
  let state = seed;
  return () => {
    state = (state + 0x6d2b79f5) | 0;
    let mixed = Math.imul(state ^ (state >>> 15), 1 | state);
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed;
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 2 ** 32;
  };
}

async function storedCount(): Promise<number> {
  const response = await fetch(`${server.address}/api/cards/rain-day/card.nibwright.json`);
  const read = readCardFile(await response.text());
  if (!read.ok) throw new Error(`storedCount: ${JSON.stringify(read.issue)}`);
  return Number(read.file.plan.about.notes || '0');
}

describe('a server killed in the middle of editing', () => {
  it('twenty times in a row loses nothing that was shown as saved (seed 41)', async () => {
    const random = seeded(41);
    let typed = 0;
    let shown = 0;
    const saver = new CardSaver({
      revision: 1,
      delayMs: 3,
      retryMs: 20,
      newId: () => `save-${typed}-${random()}`,
      // The same request the page makes.
      send: async (save) => {
        const response = await fetch(`${server.address}/api/cards/rain-day/edits`, {
          method: 'POST',
          headers: { 'content-type': 'application/json' },
          body: JSON.stringify(save),
        });
        if (response.status >= 500) throw new Error(String(response.status));
        return (await response.json()) as SaveReply;
      },
      onState: (state) => {
        if (state.kind === 'saved') shown = typed;
        if (state.kind === 'stopped' || state.kind === 'conflict')
          throw new Error(`a save was not taken: ${JSON.stringify(state)}`);
      },
      onRefused: ({ message }) => {
        throw new Error(`a save was not taken: ${message}`);
      },
      onTakeOver: () => undefined,
      doCommute: () => true,
    });
    const type = () => {
      typed++;
      saver.add({ kind: 'set-about', change: { notes: String(typed) } });
    };

    let roundsWithSaves = 0;
    for (let round = 0; round < 20; round++) {
      const shownBefore = shown;
      const end = Date.now() + 400 + random() * 600;
      while (Date.now() < end) {
        type();
        // Bursts with rests between: it shows 'saved' only when nothing waits.
        await wait(random() < 0.3 ? random() * 150 : random() * 15);
      }
      await server.kill();
      const promised = shown;
      if (promised > shownBefore) roundsWithSaves++;
      server = await startServer({ folder, port });
      expect(await storedCount()).toBeGreaterThanOrEqual(promised);
    }
    expect(roundsWithSaves).toBeGreaterThan(10);

    while (saver.isPending) await wait(20);
    expect(shown).toBe(typed);
    expect(await storedCount()).toBe(typed);
  });
});

describe('one folder, one process', () => {
  it('tells a second process in a sentence that the folder is open', async () => {
    const second = await startRefused({ folder, port: port + 1 });
    expect(second.code).toBe(1);
    expect(second.said).toContain('is already open in another Nibwright');
    expect(second.said).not.toContain('    at ');
  });

  it('tells in a sentence that a port is in use', async () => {
    const other = await mkdtemp(join(tmpdir(), 'nibwright-port-'));
    try {
      const second = await startRefused({ folder: other, port, seed: 'starter' });
      expect(second.code).toBe(1);
      expect(second.said).toContain(`Port ${port} is already in use`);
      // No data was made that nobody would see.
      expect(await readdir(other)).toEqual([]);
      expect(second.said).not.toContain('    at ');
    } finally {
      await rm(other, { recursive: true });
    }
  });

  it('stops when asked, and leaves the folder free', async () => {
    expect(await server.stop()).toBe(0);
    server = await startServer({ folder, port });
    expect(await storedCount()).toBeGreaterThan(0);
  });
});
