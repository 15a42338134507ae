// Opens the screens of a fresh demo in Chromium and measures what a person waits for.
import { gzipSync } from 'node:zlib';
import { withDemo } from '../scripts/demo-server.mjs';

const port = 4192;
const address = `http://127.0.0.1:${port}`;

/** Starts a demo of its own, measures, and stops it. */
export async function benchScreens() {
  await withDemo({ folder: '.nib/bench', port }, async (browser) => {
    // The first visit warms server and browser up; what is cold after it is the browser's cache.
    await open(browser, '/');
    console.log(
      'Opening a screen, cold cache (targets: under 1000 ms, script under 150 kB gzipped)',
    );
    const opened = [];
    for (const path of [
      '/',
      '/card/bean-poles/base',
      '/card/bean-poles/sheet',
      '/card/bean-poles/revisions',
    ])
      opened.push(await open(browser, path));
    console.table(opened);
    await fill(1000 - 14);
    console.log('The Ledge with 1000 cards, first with each computed anew, then again');
    console.table([
      await open(browser, '/'),
      { ...(await open(browser, '/')), ...(await searchLedge(browser)) },
    ]);
  });
}

/**
 * @param {import('@playwright/test').Browser} browser
 * @param {string} path
 */
async function open(browser, path) {
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
  const page = await context.newPage();
  /** @type {Promise<Buffer>[]} */
  const scripts = [];
  page.on('response', (response) => {
    if (response.url().endsWith('.js')) scripts.push(response.body());
  });
  const start = performance.now();
  await page.goto(address + path);
  // Hydrated: the island has dropped the mark of a page that is only drawn.
  await page.waitForFunction(() => !document.querySelector('astro-island[ssr]'));
  const ms = Math.round(performance.now() - start);
  await page.waitForLoadState('networkidle');
  const bytes = (await Promise.all(scripts)).map((body) => gzipSync(body).length);
  const script = bytes.reduce((sum, each) => sum + each, 0);
  await context.close();
  return { path, 'open ms': ms, 'script kB': Math.round(script / 1000) };
}

/** @param {number} count */
async function fill(count) {
  const ids = ['bean-poles', 'number-nine', 'shed-door', 'harbour-gate', 'low-water'];
  for (let made = 0; made < count; made++)
    await fetch(`${address}/api/cards/${ids[made % ids.length]}/copy`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: '{}',
    });
}

/** @param {import('@playwright/test').Browser} browser */
async function searchLedge(browser) {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await page.goto(address);
  await page.waitForFunction(() => !document.querySelector('astro-island[ssr]'));
  const drawn = await page.locator('[data-card]').count();
  const start = performance.now();
  await page.getByLabel('Find a card').fill('number nine');
  await page.waitForFunction(() =>
    document.querySelector('[data-card]')?.textContent?.includes('Number nine'),
  );
  const ms = Math.round(performance.now() - start);
  await page.close();
  return { 'cards drawn': drawn, 'search ms': ms };
}
