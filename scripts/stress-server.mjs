// What the scripts that stress Nibwright share: a server of the build on a folder of its own, and seeded numbers.
import { spawn } from 'node:child_process';

/** Numbers from 0 up to 1 that are the same for the same seed (mulberry32). @param {number} seed */
export function seeded(seed) {
  let state = seed | 0;
  return () => {
    state = (state + 0x6d2b79f5) | 0;
    let mixed = Math.imul(state ^ (state >>> 15), 1 | state);
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed;
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 2 ** 32;
  };
}

/**
 * Starts the demo and waits until it is ready.
 * @param {string} folder of its data
 * @param {number} port on 127.0.0.1
 * @throws {Error} with what it printed where it ends before
 */
export async function startDemo(folder, port) {
  const child = spawn(process.execPath, ['dist/serve.mjs'], {
    env: {
      ...process.env,
      NIBWRIGHT_DATA: folder,
      NIBWRIGHT_SEED: 'demo',
      NIBWRIGHT_FRESH: '',
      DATABASE_URL: '',
      PORT: String(port),
    },
    stdio: ['ignore', 'pipe', 'pipe'],
  });
  let said = '';
  child.stderr.on('data', (data) => (said += String(data)));
  await new Promise((resolve, reject) => {
    child.stdout.on('data', (data) => {
      said += String(data);
      if (said.includes('is ready')) resolve(undefined);
    });
    child.once('exit', (code) => reject(new Error(`ended with ${code}: ${said}`)));
  });
  return { child, said: () => said };
}
