import { createHash } from 'node:crypto';
import { open, realpath, rename, stat, unlink } from 'node:fs/promises';
import { createConnection, createServer, type Server } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { faultCode, StoreError } from './StoreError';

/** Another process has the data folder open. */
export class FolderInUseError extends StoreError {
  constructor(readonly folder: string) {
    super(
      `The data folder ${folder} is already open in another Nibwright. ` +
        'Use that one, or stop it before starting this one.',
    );
  }
}

/** The name of the lock within the folder. */
export const lockName = '.nibwright-lock';

/**
 * Takes an exclusive lock on a folder that the kernel frees however the process ends, and gives back
 * how to release it.
 *
 * PGlite takes no lock of its own, and two processes on one folder corrupt it. A lock file stays
 * behind after a kill; an address does not. On Linux it is an abstract Unix socket and on Windows a
 * named pipe, both named by a hash of the folder's real path; elsewhere a socket file in the
 * temporary folder, which a killed process leaves behind: the sentence then asks to remove it.
 * Abstract sockets end at the container's network, so beside it a socket file stands in the folder
 * itself: one that answers is held, one that refuses was left behind by a kill and is replaced.
 * File systems of a network, on which sockets answer on one machine only, are not supported.
 * @throws FolderInUseError when another process holds it.
 */
export async function lockFolder(folder: string): Promise<() => Promise<void>> {
  const real = await realpath(folder);
  const name = `nibwright-${createHash('sha256').update(real).digest('hex').slice(0, 32)}`;
  const outer = await bind(addressFor(name));
  if (!outer) throw new FolderInUseError(real);
  try {
    const release = process.platform === 'win32' ? undefined : await lockWithin(real);
    return async () => {
      await release?.();
      await closed(outer);
    };
  } catch (error) {
    await closed(outer);
    throw error;
  }
}

function addressFor(name: string): string {
  if (process.platform === 'linux') return `\0${name}`;
  if (process.platform === 'win32') return `\\\\.\\pipe\\${name}`;
  return join(tmpdir(), `${name}.sock`);
}

/** The socket file in the folder; undefined where its file system has none. */
async function lockWithin(folder: string): Promise<(() => Promise<void>) | undefined> {
  const handle = process.platform === 'linux' ? await open(folder) : undefined;
  // The path of a socket may have a hundred characters only; by the handle it is short wherever the folder lies.
  const path = join(handle ? `/proc/self/fd/${handle.fd}` : folder, lockName);
  try {
    const server = await bindFile(path, folder);
    return async () => {
      await closed(server);
      await handle?.close();
    };
  } catch (error) {
    await handle?.close();
    if (['ENOTSUP', 'EOPNOTSUPP', 'ENAMETOOLONG', 'EINVAL'].includes(faultCode(error) ?? ''))
      return undefined;
    throw error;
  }
}

/** How often a lock left behind is replaced before it is taken for held: others may be replacing it too. */
const tries = 5;

async function bindFile(path: string, folder: string): Promise<Server> {
  for (let attempt = 0; attempt < tries; attempt++) {
    const server = await bind(path);
    if (server) return server;
    const before = await identity(path);
    if (await answers(path)) throw new FolderInUseError(folder);
    if (before) await moveAway(path, before, folder);
  }
  throw new FolderInUseError(folder);
}

/**
 * Takes a lock that was left behind out of the way. Moving is atomic; should another have replaced it in between, what
 * was moved is not what was looked at, and goes back.
 */
async function moveAway(path: string, before: string, folder: string): Promise<void> {
  const aside = `${path}-${process.pid}`;
  try {
    await rename(path, aside);
  } catch (error) {
    if (faultCode(error) === 'ENOENT') return;
    throw error;
  }
  if ((await identity(aside)) !== before) {
    await rename(aside, path);
    throw new FolderInUseError(folder);
  }
  await unlink(aside);
}

/** Which file a path stands for, told apart from one made later in its place. */
async function identity(path: string): Promise<string | undefined> {
  try {
    const { ino, mtimeNs } = await stat(path, { bigint: true });
    return `${ino} ${mtimeNs}`;
  } catch {
    return undefined;
  }
}

/** Whether a process listens there. What cannot be told counts as one that does. */
function answers(path: string): Promise<boolean> {
  return new Promise((told) => {
    const socket = createConnection(path);
    const tell = (isThere: boolean) => {
      socket.destroy();
      told(isThere);
    };
    socket.setTimeout(2000, () => tell(true));
    socket.once('connect', () => tell(true));
    socket.once('error', (error) =>
      tell(!['ECONNREFUSED', 'ENOENT'].includes(faultCode(error) ?? '')),
    );
  });
}

/** Listens at an address; undefined where something stands there already. */
function bind(address: string): Promise<Server | undefined> {
  return new Promise((resolve, reject) => {
    const server = createServer((socket) => socket.destroy());
    server.once('error', (error: NodeJS.ErrnoException) => {
      if (error.code === 'EADDRINUSE') resolve(undefined);
      else reject(error);
    });
    server.listen(address, () => {
      // The lock must not keep a process alive that has nothing else to do.
      server.unref();
      resolve(server);
    });
  });
}

const closed = (server: Server) => new Promise<void>((resolve) => server.close(() => resolve()));
