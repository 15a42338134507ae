// A demo server of its own for scripts that drive the interface: fresh, on a folder below .nib/.
import { spawn } from 'node:child_process';
import { chromium } from '@playwright/test';

/** Debian's Chromium, out of sight. */
export const openBrowser = () =>
  chromium.launch({
    executablePath: '/usr/bin/chromium',
    args: ['--headless', '--no-sandbox', '--disable-gpu'],
  });

/**
 * Starts a fresh demo and a browser, does the work, and stops both.
 * @param {{ folder: string, port: number }} settings
 * @param {(browser: import('@playwright/test').Browser, address: string) => Promise<void>} work
 */
export async function withDemo({ folder, port }, work) {
  const server = spawn(process.execPath, ['dist/serve.mjs'], {
    env: {
      ...process.env,
      NIBWRIGHT_DATA: folder,
      NIBWRIGHT_SEED: 'demo',
      NIBWRIGHT_FRESH: '1',
      PORT: String(port),
    },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  await new Promise((resolve) =>
    server.stdout.on('data', (said) => String(said).includes('is ready') && resolve(undefined)),
  );
  const browser = await openBrowser();
  try {
    await work(browser, `http://127.0.0.1:${port}`);
  } finally {
    await browser.close();
    server.kill('SIGTERM');
  }
}
