import { execFileSync, spawn } from 'node:child_process';
import { once } from 'node:events';
import { chownSync, existsSync, mkdtempSync, readdirSync, rmSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { setTimeout as wait } from 'node:timers/promises';

/** Where Debian's package puts the programs of the server, the newest version first. */
const folders = existsSync('/usr/lib/postgresql')
  ? readdirSync('/usr/lib/postgresql')
      .sort((a, b) => Number(b) - Number(a))
      .map((version) => `/usr/lib/postgresql/${version}/bin`)
  : [];
const programs = folders.find((folder) => existsSync(join(folder, 'postgres')));

/** Whether there is a PostgreSQL server to test with. */
export const hasPostgres = programs !== undefined;

/** A PostgreSQL server of its own, on a folder and a port of its own. */
export interface PostgresServer {
  readonly url: string;
  /** Stops it at once, as a server that is switched off does. */
  readonly stop: () => Promise<void>;
  readonly start: () => Promise<void>;
  /** Stops it and removes its folder. */
  readonly remove: () => Promise<void>;
}

/** Makes and starts a server. @throws Error when the package is not installed, or it does not start. */
export async function startPostgres(): Promise<PostgresServer> {
  if (programs === undefined) throw new Error('startPostgres: expected postgresql to be installed');
  const folder = mkdtempSync(join(tmpdir(), 'nibwright-postgres-'));
  // The server refuses to run as root; its package brings a user of its own.
  const user = process.getuid?.() === 0 ? ownUser() : {};
  if (user.uid !== undefined) chownSync(folder, user.uid, user.gid ?? user.uid);
  const data = join(folder, 'data');
  execFileSync(
    join(programs, 'initdb'),
    ['-D', data, '-U', 'nibwright', '-A', 'trust', '-E', 'UTF8', '--locale=C', '--no-sync'],
    { ...user, stdio: 'ignore', cwd: folder },
  );
  const port = await freePort();
  const url = `postgresql://nibwright@127.0.0.1:${port}/postgres`;
  const launch = () =>
    spawn(
      join(programs, 'postgres'),
      [
        '-D',
        data,
        '-k',
        folder,
        '-p',
        String(port),
        '-c',
        'listen_addresses=127.0.0.1',
        '-c',
        'fsync=off',
      ],
      { ...user, stdio: 'ignore', cwd: folder },
    );
  let server = launch();
  await untilReady(url);
  const stop = async () => {
    const ended = once(server, 'exit');
    // The quick way to stop: connections are cut.
    server.kill('SIGINT');
    await ended;
  };
  return {
    url,
    stop,
    start: async () => {
      server = launch();
      await untilReady(url);
    },
    remove: async () => {
      if (server.exitCode === null && server.signalCode === null) await stop();
      rmSync(folder, { recursive: true, force: true });
    },
  };
}

function ownUser(): { uid?: number; gid?: number } {
  const id = (option: string) =>
    Number(execFileSync('id', [option, 'postgres'], { encoding: 'utf8' }));
  return { uid: id('-u'), gid: id('-g') };
}

async function freePort(): Promise<number> {
  const server = createServer().listen(0, '127.0.0.1');
  await once(server, 'listening');
  const address = server.address();
  server.close();
  if (address === null || typeof address === 'string') throw new Error('freePort: no port');
  return address.port;
}

async function untilReady(url: string): Promise<void> {
  const { default: pg } = await import('pg');
  for (let attempt = 0; attempt < 100; attempt++) {
    const client = new pg.Client({ connectionString: url });
    client.on('error', () => undefined);
    try {
      await client.connect();
      await client.end();
      return;
    } catch {
      await wait(100);
    }
  }
  throw new Error('startPostgres: the server did not start within ten seconds');
}
