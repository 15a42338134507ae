import { defineConfig } from '@playwright/test';

const port = 4187;

export default defineConfig({
  testDir: 'e2e',
  fullyParallel: false,
  workers: 1,
  // No test is about time: these only end what hangs, on a machine that gives a tenth of itself too.
  timeout: 300_000,
  expect: { timeout: 30_000 },
  // A shared machine may pause for seconds; what passes only then is named at the end of the run.
  retries: 1,
  use: {
    baseURL: `http://127.0.0.1:${port}`,
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
  webServer: {
    command: 'node dist/serve.mjs',
    url: `http://127.0.0.1:${port}/api/health`,
    timeout: 120_000,
    env: {
      PORT: String(port),
      NIBWRIGHT_DATA: '.nib/e2e-data',
      NIBWRIGHT_SEED: 'demo',
      NIBWRIGHT_FRESH: '1',
    },
  },
});
