import { execFile } from 'node:child_process';
import { mkdtemp, readdir, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { promisify } from 'node:util';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { startServer, type RunningServer } from './server';

const run = promisify(execFile);
const ids = (await readdir('demo/cards')).map((name) => name.replace('.nibwright.json', ''));
let work: string;

/** The command on a data folder; what it printed. */
async function restore(file: string, folder: string): Promise<string> {
  const env = { ...process.env, NIBWRIGHT_DATA: folder, DATABASE_URL: '' };
  const { stdout, stderr } = await run(process.execPath, ['dist/backup.mjs', 'restore', file], {
    env,
  }).catch((error: { stdout: string; stderr: string }) => error);
  return stdout + stderr;
}

async function allCards({ address }: RunningServer): Promise<readonly string[]> {
  const files = ids.map((id) => fetch(`${address}/api/cards/${id}/card.nibwright.json`));
  return Promise.all((await Promise.all(files)).map((response) => response.text()));
}

describe('a backup of a Nibwright that runs', () => {
  beforeAll(async () => {
    work = await mkdtemp(join(tmpdir(), 'nibwright-backup-'));
  });
  afterAll(() => rm(work, { recursive: true, force: true }));

  it('is restored into an empty folder, every card the same bytes', async () => {
    const server = await startServer({ folder: join(work, 'from'), port: 4195 });
    const before = await allCards(server);
    expect(before.length).toBe(24);
    const response = await fetch(`${server.address}/api/backup`);
    expect(response.headers.get('content-disposition')).toMatch(/nibwright-.*\.jsonl\.gz/);
    const file = join(work, 'all.jsonl.gz');
    await writeFile(file, Buffer.from(await response.arrayBuffer()));
    // The folder that is in use is refused, whatever is in the file.
    expect(await restore(file, join(work, 'from'))).toContain('already open in another Nibwright');
    await server.stop();

    expect(await restore(file, join(work, 'into'))).toContain('24 cards are restored');
    expect(await restore(file, join(work, 'into'))).toContain('There are cards here already');
    expect(await restore(join(work, 'gone.gz'), join(work, 'new'))).toContain('There is no file');
    const restored = await startServer({ folder: join(work, 'into'), port: 4195, seed: 'starter' });
    expect(await allCards(restored)).toEqual(before);
    await restored.stop();
  });
});
