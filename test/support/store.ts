import type { Database, Store } from '../../src/server/database';
import { openStore } from '../../src/server/openStore';

const held = globalThis as { nibwrightTestStore?: Promise<Store> };

/** The one in-memory database of this test process; each test makes rows of its own in it. */
export async function testDatabase(): Promise<Database> {
  held.nibwrightTestStore ??= openStore({});
  return (await held.nibwrightTestStore).db;
}

/** A moment every test may share; the server is always told the time. */
export const someTime = new Date('2027-02-01T19:30:00Z');

let count = 0;

/** An id no other test uses. */
export function freshId(): string {
  count++;
  return `test-${process.pid}-${count}`;
}
