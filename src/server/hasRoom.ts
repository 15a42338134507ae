import { store } from './database';
import { freeMegabytes } from './dataFolder';
import { leastFreeMegabytes } from './StoreError';

/** How long an answer is good for: no save writes a hundredth of what is asked to be free. */
const goodForMilliseconds = 500;

let asked = { at: -Infinity, hasRoom: true };

/**
 * Whether the disk has room for what the database writes. It is asked before each change, since the database does not
 * survive a write it cannot finish. A server looks after its own disk.
 */
export async function hasRoom(): Promise<boolean> {
  const { folder } = await store();
  if (folder === undefined) return true;
  const now = performance.now();
  if (now - asked.at > goodForMilliseconds)
    asked = { at: now, hasRoom: (await freeMegabytes(folder)) >= leastFreeMegabytes };
  return asked.hasRoom;
}
