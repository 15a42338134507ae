import { resolve } from 'node:path';

const key = Symbol.for('nibwright.threads');
const held = globalThis as { [key]?: string };

/**
 * Says where the bundled threads lie. It is held on `globalThis`, because the launcher and the pages are
 * bundled apart, and only the launcher knows its own place.
 */
export function holdThreadFolder(folder: string): void {
  held[key] = folder;
}

/** The folder of the threads; in development the one of the last build. */
export function threadFolder(): string {
  return held[key] ?? resolve('dist');
}
