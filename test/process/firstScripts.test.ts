import { mkdtempSync, readdirSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { stations } from '../../src/islands/stations/stations';
import { startServer, type RunningServer } from './server';

const port = 4196;
let folder: string;
let server: RunningServer;
beforeAll(async () => {
  folder = mkdtempSync(join(tmpdir(), 'nibwright-scripts-'));
  server = await startServer({ folder, port });
}, 120_000);
afterAll(async () => {
  await server.stop();
  rmSync(folder, { recursive: true, force: true });
});

const read = (path: string) => readFileSync(join('dist/client', path), 'utf8');

/** The scripts a page asks for before anything is done on it: those it names, and all they import from the start. */
async function firstScripts(page: string): Promise<ReadonlySet<string>> {
  const html = await (await fetch(server.address + page)).text();
  const waiting = [...html.matchAll(/(?:component-url|renderer-url|src)="([^"]+\.js)"/g)].map(
    ([, path]) => path ?? '',
  );
  return withImports(waiting);
}

/** Scripts and all they import from the start. */
function withImports(paths: readonly string[]): ReadonlySet<string> {
  const found = new Set<string>();
  const waiting = [...paths];
  for (let path = waiting.pop(); path !== undefined; path = waiting.pop()) {
    if (found.has(path)) continue;
    found.add(path);
    for (const [, name = ''] of read(path).matchAll(/(?:from|import)"\.\/([^"]+\.js)"/g))
      waiting.push(`/_astro/${name}`);
  }
  return found;
}

/** A name the schema library tells its errors by; it stays readable in what is built. */
const schemas = 'ZodError';

const pages = [
  '/',
  ...stations.map(({ id }) => `/card/rain-day/${id}`),
  '/card/rain-day/revisions',
  '/stash',
  '/buying',
  '/team',
];

/** Gzipped, in bytes: what a page asks for before anything is done on it. */
const mostBytes = 150_000;

describe('the first scripts of a page', () => {
  it.each(pages)('of %s check nothing: the schemas come after them', async (page) => {
    const scripts = await firstScripts(page);
    expect(scripts.size).toBeGreaterThan(3);
    expect([...scripts].filter((path) => read(path).includes(schemas))).toEqual([]);
  });

  it.each(stations)('of the station $name check nothing either', ({ id }) => {
    const own = readdirSync('dist/client/_astro').filter((name) =>
      name.toLowerCase().startsWith(`${id}station.`),
    );
    expect(own).toHaveLength(1);
    const scripts = withImports(own.map((name) => `/_astro/${name}`));
    expect([...scripts].filter((path) => read(path).includes(schemas))).toEqual([]);
  });

  it.each(pages)('of %s are under 150 kB gzipped', async (page) => {
    const sizes = [...(await firstScripts(page))].map((path) => gzipSync(read(path)).length);
    expect(sizes.reduce((sum, size) => sum + size, 0)).toBeLessThan(mostBytes);
  });

  it('leave the schemas to a script that is asked for later', async () => {
    const [workbench] = [...(await firstScripts('/card/rain-day/base'))].filter((path) =>
      read(path).includes('import("./edit.'),
    );
    const [, edit = ''] = /import\("\.\/(edit\.[^"]+)"\)/.exec(read(workbench ?? '')) ?? [];
    const imported = [...read(`/_astro/${edit}`).matchAll(/from"\.\/([^"]+\.js)"/g)];
    expect(imported.some(([, name]) => read(`/_astro/${name ?? ''}`).includes(schemas))).toBe(true);
  });
});
