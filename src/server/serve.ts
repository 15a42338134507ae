import { once } from 'node:events';
import { createServer, type RequestListener } from 'node:http';
import { resolve } from 'node:path';
import { fileURLToPath } from 'node:url';
import { holdStore } from './database';
import { guardedListener } from './guardedListener';
import { openStore } from './openStore';
import { seed } from './seed';
import { StoreError } from './StoreError';
import { holdThreadFile } from './threads/pool';

/** So long the first drawing of the Ledge is waited for, in milliseconds. */
const longestDrawing = 20_000;

/**
 * Starts Nibwright: locks and opens the data, migrates, seeds what is empty, then listens.
 * Settings come from the environment: NIBWRIGHT_DATA (folder), NIBWRIGHT_SEED (demo or starter),
 * NIBWRIGHT_FRESH (empty the folder first),
 * DATABASE_URL (a PostgreSQL server instead of the folder), PORT.
 */
const here = (path: string) => fileURLToPath(new URL(path, import.meta.url));
const say = (sentence: string) => console.log(sentence);

async function serve(): Promise<void> {
  // React is several times quicker without what helps while developing.
  process.env['NODE_ENV'] ??= 'production';
  const folder = resolve(process.env['NIBWRIGHT_DATA'] ?? 'data');
  const url = process.env['DATABASE_URL'];
  const port = Number(process.env['PORT'] ?? 4180);
  const isDemo = process.env['NIBWRIGHT_SEED'] === 'demo';
  // Before any data is made that nobody would then see.
  const issue = await portIssue(port);
  if (issue !== undefined) return fail(issue);
  const store = await holdStore(
    openStore(
      url
        ? { url }
        : { folder, isDemo, isFresh: Boolean(process.env['NIBWRIGHT_FRESH']), onProgress: say },
    ),
  );
  const seedFrom = here(isDemo ? '../demo' : '../starter');
  if (await store.exclusively(() => seed(store.db, seedFrom, new Date())))
    say('The first data is in place.');

  holdThreadFile(here('./computeThread.mjs'));
  process.env['ASTRO_NODE_AUTOSTART'] = 'disabled';
  const entry = here('./server/entry.mjs');
  const { handler } = (await import(entry)) as { readonly handler: RequestListener };
  const server = createServer(guardedListener(handler));
  // A program that asks again within a minute finds its connection still there, however long others kept it waiting.
  server.keepAliveTimeout = 65_000;
  server.headersTimeout = 70_000;
  server.once('error', (error: NodeJS.ErrnoException) => {
    fail(listenIssue(error, port));
  });
  server.listen(port, '127.0.0.1', () => {
    // Draws the Ledge ahead, so that the first one to open it need not wait for that.
    void fetch(`http://127.0.0.1:${port}/`, { signal: AbortSignal.timeout(longestDrawing) })
      .then((page) => page.text())
      .catch(() => undefined)
      .then(() => say(`Nibwright is ready: http://127.0.0.1:${port}`));
  });
  const stop = () => {
    server.close();
    server.closeAllConnections();
    void store.close().finally(() => process.exit(0));
  };
  process.once('SIGINT', stop);
  process.once('SIGTERM', stop);
}

/** Why nothing can listen at a port; undefined where it is free. */
async function portIssue(port: number): Promise<string | undefined> {
  if (!Number.isInteger(port) || port < 1 || port > 65_535)
    return `PORT=${process.env['PORT']} is no port. Give a whole number from 1 to 65535: PORT=4190 ./nib start`;
  const probe = createServer();
  try {
    probe.listen(port, '127.0.0.1');
    await once(probe, 'listening');
    return undefined;
  } catch (error) {
    return listenIssue(error as NodeJS.ErrnoException, port);
  } finally {
    probe.close();
  }
}

function listenIssue(error: NodeJS.ErrnoException, port: number): string {
  return error.code === 'EADDRINUSE'
    ? `Port ${port} is already in use. Stop what uses it, or give another: PORT=4190 ./nib start`
    : error.message;
}

function fail(sentence: string): void {
  console.error(sentence);
  process.exit(1);
}

serve().catch((error: unknown) => {
  if (error instanceof StoreError) fail(error.message);
  else {
    console.error(error);
    fail('Nibwright could not start; the reason stands above.');
  }
});
