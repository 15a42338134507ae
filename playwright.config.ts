import { defineConfig } from '@playwright/test';
import { serverPorts } from './e2e/serverPorts';

export default defineConfig({
  testDir: 'e2e',
  fullyParallel: false,
  workers: serverPorts.length,
  // No test is about time: these only end what hangs, on a machine that gives a tenth of itself too.
  timeout: 300_000,
  expect: { timeout: 30_000 },
  // A shared machine may pause for seconds; what passes only then is named at the end of the run.
  retries: 1,
  use: {
    viewport: { width: 1280, height: 800 },
    reducedMotion: 'reduce',
    launchOptions: {
      executablePath: '/usr/bin/chromium',
      args: [
        '--headless',
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
      ],
    },
  },
  // A server for each worker, so that no test meets cards of one that runs beside it.
  webServer: serverPorts.map((port) => ({
    command: 'node dist/serve.mjs',
    url: `http://127.0.0.1:${port}/api/health`,
    timeout: 120_000,
    env: {
      PORT: String(port),
      NIBWRIGHT_DATA: `.nib/e2e-data-${port}`,
      NIBWRIGHT_SEED: 'demo',
      NIBWRIGHT_FRESH: '1',
    },
  })),
});
