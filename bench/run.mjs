// Prints speed and memory of the core and the screens: npm run bench, after a build. Figures are
// medians on this machine; compare ratios within one run.
import { mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { build } from 'esbuild';
import highs from 'highs';
import { ensureBuild } from '../scripts/prepare.mjs';
import { benchScreens } from './screens.mjs';

const folder = await mkdtemp(join(tmpdir(), 'nibwright-bench-'));
try {
  await build({
    entryPoints: ['bench/core.ts', 'bench/cutting.ts'],
    outdir: folder,
    outExtension: { '.js': '.mjs' },
    bundle: true,
    platform: 'node',
    format: 'esm',
  });
  const load = (/** @type {string} */ name) => import(pathToFileURL(join(folder, name)).href);
  await load('core.mjs');
  (await load('cutting.mjs')).benchCutting(await highs());
  console.log(`Memory of the core bench: ${Math.round(process.memoryUsage().rss / 1e6)} MB`);
} finally {
  await rm(folder, { recursive: true });
}
ensureBuild();
await benchScreens();
