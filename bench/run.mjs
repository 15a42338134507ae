// Prints speed and memory of the core and the screens: npm run bench, after a build. Figures are
// medians on this machine; compare ratios within one run. Each part runs in a process of its own, so that
// its memory is its own: node bench/run.mjs cutting runs one.
import { spawnSync } from 'node:child_process';
import { mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath, pathToFileURL } from 'node:url';
import { build } from 'esbuild';
import highs from 'highs';
import { ensureBuild } from '../scripts/prepare.mjs';
import { benchScreens } from './screens.mjs';
import { benchTeam } from './team.mjs';

const parts = ['core', 'outlines', 'process', 'cutting', 'screens', 'team'];
const [part] = process.argv.slice(2);
if (part === undefined) {
  const own = fileURLToPath(import.meta.url);
  for (const each of parts) spawnSync(process.execPath, [own, each], { stdio: 'inherit' });
} else if (part === 'screens') {
  ensureBuild();
  await benchScreens();
} else if (part === 'team') {
  ensureBuild();
  await benchTeam();
} else {
  await benchInNode(part);
}

/** @param {string} name of a file of this folder */
async function benchInNode(name) {
  const folder = await mkdtemp(join(tmpdir(), 'nibwright-bench-'));
  try {
    await build({
      entryPoints: [`bench/${name}.ts`],
      outdir: folder,
      outExtension: { '.js': '.mjs' },
      bundle: true,
      platform: 'node',
      format: 'esm',
    });
    const file = pathToFileURL(join(folder, `${name}.mjs`)).href;
    const before = Math.round(process.memoryUsage().rss / 1e6);
    const { benchCutting } = await import(file);
    if (benchCutting) benchCutting(await highs());
    const peak = Math.round(process.resourceUsage().maxRSS / 1000);
    console.log(`Memory of ${name} at its highest: ${peak} MB, of which Node.js ${before} MB`);
  } finally {
    await rm(folder, { recursive: true });
  }
}
