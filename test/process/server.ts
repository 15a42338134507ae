import { spawn, type ChildProcess } from 'node:child_process';
import { once } from 'node:events';

/** A Nibwright process of the build, on a folder of its own. */
export interface RunningServer {
  readonly address: string;
  /** Kills it as a crash would: no handler runs. */
  readonly kill: () => Promise<void>;
  /** Asks it to stop, as Ctrl+C does. */
  readonly stop: () => Promise<number | null>;
}

interface Settings {
  readonly folder: string;
  readonly port: number;
  readonly seed?: 'demo' | 'starter';
  /** Empties the demo's folder first. */
  readonly isFresh?: boolean;
  /** A PostgreSQL server instead of the folder. */
  readonly url?: string;
}

/** Starts a process and gives back what it printed and how it ended, for one that should not start. */
export async function startRefused(
  settings: Settings,
): Promise<{ code: number | null; said: string }> {
  const { child, said } = launch(settings);
  const [code] = (await once(child, 'exit')) as [number | null];
  return { code, said: said() };
}

/**
 * Starts a process and waits until it says that it is ready.
 * @throws Error with what it printed when it ends before.
 */
export async function startServer(settings: Settings): Promise<RunningServer> {
  const { child, said } = launch(settings);
  await new Promise<void>((resolve, reject) => {
    child.stdout?.on('data', () => said().includes('is ready') && resolve());
    child.once('exit', (code) => reject(new Error(`startServer: ended with ${code}: ${said()}`)));
  });
  const ended = once(child, 'exit') as Promise<[number | null]>;
  return {
    address: `http://127.0.0.1:${settings.port}`,
    kill: async () => {
      child.kill('SIGKILL');
      await ended;
    },
    stop: async () => {
      child.kill('SIGTERM');
      return (await ended)[0];
    },
  };
}

function launch({ folder, port, seed = 'demo', isFresh = false, url = '' }: Settings): {
  readonly child: ChildProcess;
  readonly said: () => string;
} {
  let text = '';
  const child = spawn(process.execPath, ['dist/serve.mjs'], {
    env: {
      ...process.env,
      NIBWRIGHT_DATA: folder,
      NIBWRIGHT_SEED: seed,
      PORT: String(port),
      NIBWRIGHT_FRESH: isFresh ? '1' : '',
      DATABASE_URL: url,
    },
    stdio: ['ignore', 'pipe', 'pipe'],
  });
  child.stdout.on('data', (data) => (text += String(data)));
  child.stderr.on('data', (data) => (text += String(data)));
  return { child, said: () => text };
}
