import { execFileSync } from 'node:child_process';
import {
  chmodSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  rmSync,
  statSync,
  writeFileSync,
} from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { startRefused, startServer, type RunningServer } from './server';

const port = 4197;
let work: string;
beforeAll(() => {
  work = mkdtempSync(join(tmpdir(), 'nibwright-faults-'));
});
afterAll(() => rmSync(work, { recursive: true, force: true }));

/** What a start that cannot be says; never a stack trace. */
async function refusal(folder: string, more: Partial<Parameters<typeof startRefused>[0]> = {}) {
  const { code, said } = await startRefused({ folder, port, seed: 'starter', ...more });
  expect(code).toBe(1);
  expect(said).not.toContain('    at ');
  return said;
}

describe('a folder that cannot be opened is told in a sentence', () => {
  it('a file in its place, and one above it', async () => {
    const file = join(work, 'file');
    writeFileSync(file, 'mine');
    expect(await refusal(file)).toContain('There is a file where the data folder');
    expect(await refusal(join(file, 'data'))).toContain('There is a file where the data folder');
  });

  it('a damaged database, which is left as it is', async () => {
    const folder = join(work, 'damaged');
    const server = await startServer({ folder, port, seed: 'starter' });
    await server.stop();
    const control = join(folder, 'global', 'pg_control');
    chmodSync(control, 0o600);
    writeFileSync(control, 'garbage');
    expect(await refusal(folder)).toContain('cannot be opened: it is damaged');
    expect(statSync(control).size).toBe('garbage'.length);
  });

  it('a folder held by a process of another network, as of another container', async () => {
    const folder = join(work, 'held');
    mkdirSync(folder);
    const other = createServer((socket) => socket.destroy());
    await new Promise<void>((done) => other.listen(join(folder, '.nibwright-lock'), done));
    expect(await refusal(folder)).toContain('already open in another Nibwright');
    await new Promise((done) => other.close(done));
  });

  it('but opens one whose lock was left behind by a kill', async () => {
    const folder = join(work, 'left');
    const killed = await startServer({ folder, port, seed: 'starter' });
    await killed.kill();
    expect(readdirSync(folder)).toContain('.nibwright-lock');
    const next = await startServer({ folder, port, seed: 'starter' });
    expect(await next.stop()).toBe(0);
    expect(readdirSync(folder)).not.toContain('.nibwright-lock');
  });
});

describe('what is in a data folder', () => {
  it('is for its owner alone', async () => {
    const folder = join(work, 'own');
    const server = await startServer({ folder, port, seed: 'starter' });
    await server.stop();
    expect(statSync(folder).mode & 0o077).toBe(0);
    const open = readdirSync(join(folder, 'global')).filter(
      (name) => statSync(join(folder, 'global', name)).mode & 0o077,
    );
    // Files the database makes later have rights for all again, but lie in folders no other can enter.
    expect(statSync(join(folder, 'global')).mode & 0o077, open.join(' ')).toBe(0);
  });

  it('is emptied by --fresh only where it was made for the demo, and nothing else of it', async () => {
    const own = join(work, 'mine');
    mkdirSync(own);
    writeFileSync(join(own, 'thesis.txt'), 'years of work');
    expect(await refusal(own, { seed: 'demo', isFresh: true })).toContain(
      'was not made by ./nib demo',
    );
    expect(readdirSync(own)).toEqual(['thesis.txt']);

    const demo = join(work, 'demo');
    const first = await startServer({ folder: demo, port });
    await renameRainDay(first);
    await first.stop();
    writeFileSync(join(demo, 'note.txt'), 'keep me');
    const fresh = await startServer({ folder: demo, port, isFresh: true });
    const page = await (
      await fetch(`${fresh.address}/api/cards/rain-day/card.nibwright.json`)
    ).text();
    expect(page).not.toContain('Another title');
    await fresh.stop();
    expect(readdirSync(demo)).toContain('note.txt');
  });
});

async function renameRainDay({ address }: RunningServer): Promise<void> {
  const edits = [{ kind: 'set-about', change: { title: 'Another title' } }];
  const response = await fetch(`${address}/api/cards/rain-day/edits`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ saveId: 'one', baseRevision: 1, edits }),
  });
  expect(response.status).toBe(200);
}

const mayMount = process.getuid?.() === 0 && process.platform === 'linux';

/** A disk of so many megabytes at a folder; undefined where this machine lets none be made. */
function smallDisk(folder: string, megabytes: number): (() => void) | undefined {
  mkdirSync(folder);
  try {
    if (!mayMount) return undefined;
    execFileSync('mount', ['-t', 'tmpfs', '-o', `size=${megabytes}m`, 'tmpfs', folder], {
      stdio: 'ignore',
    });
    return () => execFileSync('umount', ['-l', folder], { stdio: 'ignore' });
  } catch {
    return undefined;
  }
}

describe('a folder that may only be read', () => {
  it('is told in a sentence', async (context) => {
    const disk = join(work, 'read-only');
    const unmount = smallDisk(disk, 200);
    if (!unmount) return context.skip();
    try {
      execFileSync('mount', ['-o', 'remount,ro', disk], { stdio: 'ignore' });
      expect(await refusal(disk)).toContain('cannot be written to');
      expect(await refusal(join(disk, 'data'))).toContain('cannot be written to');
    } finally {
      unmount();
    }
  });
});

describe('a disk that is full', () => {
  it('keeps a start from beginning what it could not end', async (context) => {
    const unmount = smallDisk(join(work, 'tiny'), 40);
    if (!unmount) return context.skip();
    try {
      expect(await refusal(join(work, 'tiny', 'data'))).toContain('is full');
    } finally {
      unmount();
    }
  });

  it('keeps saves waiting and pages open, and lets them through when there is room again', async (context) => {
    const disk = join(work, 'small');
    const unmount = smallDisk(disk, 260);
    if (!unmount) return context.skip();
    const server = await startServer({ folder: join(disk, 'data'), port });
    try {
      const save = (saveId: string) =>
        fetch(`${server.address}/api/cards/rain-day/edits`, {
          method: 'POST',
          headers: { 'content-type': 'application/json' },
          body: JSON.stringify({
            saveId,
            baseRevision: 1,
            edits: [{ kind: 'set-about', change: { notes: saveId } }],
          }),
        });
      const free = Number(execFileSync('stat', ['-f', '-c', '%a', disk])) * 4096;
      execFileSync('fallocate', ['-l', String(free - 20_000_000), join(disk, 'ballast')]);
      await new Promise((done) => setTimeout(done, 700));
      const refused = await save('full');
      expect(refused.status).toBe(507);
      expect(await refused.text()).toContain('The disk is full');
      expect((await fetch(`${server.address}/`)).status).toBe(200);
      rmSync(join(disk, 'ballast'));
      await new Promise((done) => setTimeout(done, 700));
      expect((await save('room')).status).toBe(200);
    } finally {
      await server.stop();
      unmount();
    }
  });
});
