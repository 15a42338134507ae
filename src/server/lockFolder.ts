import { createHash } from 'node:crypto';
import { realpath } from 'node:fs/promises';
import { createServer, type Server } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

/** Another process has the data folder open. */
export class FolderInUseError extends Error {
  constructor(readonly folder: string) {
    super(
      `The data folder ${folder} is already open in another Nibwright. ` +
        'Use that one, or stop it before starting this one.',
    );
    this.name = 'FolderInUseError';
  }
}

/**
 * Takes an exclusive lock on a folder that the kernel frees however the process ends, and gives back
 * how to release it.
 *
 * PGlite takes no lock of its own, and two processes on one folder corrupt it. A lock file stays
 * behind after a kill; an address does not. On Linux it is an abstract Unix socket and on Windows a
 * named pipe, both named by a hash of the folder's real path; elsewhere a socket file in the
 * temporary folder, which a killed process leaves behind: the sentence then asks to remove it.
 * @throws FolderInUseError when another process holds it.
 */
export async function lockFolder(folder: string): Promise<() => Promise<void>> {
  const real = await realpath(folder);
  const name = `nibwright-${createHash('sha256').update(real).digest('hex').slice(0, 32)}`;
  const address = addressFor(name);
  const server = await bind(address, real);
  return () => new Promise((resolve) => server.close(() => resolve()));
}

function addressFor(name: string): string {
  if (process.platform === 'linux') return `\0${name}`;
  if (process.platform === 'win32') return `\\\\.\\pipe\\${name}`;
  return join(tmpdir(), `${name}.sock`);
}

function bind(address: string, folder: string): Promise<Server> {
  return new Promise((resolve, reject) => {
    const server = createServer((socket) => socket.destroy());
    server.once('error', (error: NodeJS.ErrnoException) =>
      reject(error.code === 'EADDRINUSE' ? new FolderInUseError(folder) : error),
    );
    server.listen(address, () => {
      // The lock must not keep a process alive that has nothing else to do.
      server.unref();
      resolve(server);
    });
  });
}
