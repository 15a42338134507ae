import { resolve } from 'node:path';
import { ThreadPool } from './ThreadPool';

const key = Symbol.for('nibwright.threads');
const held = globalThis as { [key]?: ThreadPool };

/**
 * Starts the pool all computing goes to. It is held on `globalThis`, because the launcher and the pages are bundled
 * apart, and only the launcher knows where the script of the threads lies.
 */
export function holdPool(file: string): ThreadPool {
  held[key] = new ThreadPool({
    file,
    mostThreads: 2,
    mostWaiting: 64,
    mostOfOne: 16,
    megabytes: 768,
  });
  return held[key];
}

/** The pool of this process; in development its threads are those of the last build. */
export function pool(): ThreadPool {
  return held[key] ?? holdPool(resolve('dist/computeThread.mjs'));
}
