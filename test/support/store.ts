import { inject } from 'vitest';
import type { Database, Store } from '../../src/server/storeTypes';
import { openStore } from '../../src/server/openStore';

declare module 'vitest' {
  interface ProvidedContext {
    /** Of the server started for these tests; undefined where they run in memory. */
    postgresUrl: string | undefined;
  }
}

const held = globalThis as { nibwrightTestStore?: Promise<Store> };

/**
 * The one database of this test process, in memory or on a PostgreSQL server by the project the tests run in; each test
 * makes rows of its own in it.
 */
export async function testDatabase(): Promise<Database> {
  held.nibwrightTestStore ??= openStore({ url: inject('postgresUrl') });
  return (await held.nibwrightTestStore).db;
}

/** Another empty database of the same kind. */
export async function emptyStore(): Promise<Store> {
  const url = inject('postgresUrl');
  if (url === undefined) return openStore({});
  const db = await testDatabase();
  const name = `empty_${process.pid}_${++count}`;
  await db.execute(`create database ${name}`);
  return openStore({ url: url.replace(/\/[^/]*$/, `/${name}`) });
}

/** A moment every test may share; the server is always told the time. */
export const someTime = new Date('2027-02-01T19:30:00Z');

let count = 0;

/** An id no other test uses. */
export function freshId(): string {
  count++;
  return `test-${process.pid}-${count}`;
}
