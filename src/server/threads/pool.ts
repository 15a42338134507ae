import { resolve } from 'node:path';
import { ThreadPool } from './ThreadPool';

const key = Symbol.for('nibwright.threads');
const held = globalThis as { [key]?: string };

/**
 * Says where the script of the threads lies. It is held on `globalThis`, because the launcher and the pages are bundled
 * apart, and only the launcher knows its own place.
 */
export function holdThreadFile(file: string): void {
  held[key] = file;
}

let own: ThreadPool | undefined;

/** The pool all computing of the pages goes to; in development its threads are those of the last build. */
export function pool(): ThreadPool {
  return (own ??= new ThreadPool({
    file: held[key] ?? resolve('dist/computeThread.mjs'),
    mostThreads: 2,
    mostWaiting: 64,
    mostOfOne: 16,
    megabytes: 768,
  }));
}
