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
      '/card/bean-poles/layout',
      '/card/bean-poles/cut',
      '/card/bean-poles/sheet',
      '/stash',
      '/card/bean-poles/revisions',
    ])
      opened.push(await open(browser, path));
    console.table(opened);
    console.log('Dragging words among 200 dots on the Layout (target: 60 frames a second)');
    console.table([await dragAmong(browser)]);
    await fill(1000 - 14);
    console.log('The Ledge with 1000 cards, first with each computed anew, then again');
    console.table([
      await open(browser, '/'),
      { ...(await open(browser, '/')), ...(await searchLedge(browser)) },
    ]);
  });
}

/**
 * Drags the words of a card with 200 dots to and fro; the gaps between its frames, in milliseconds.
 * @param {import('@playwright/test').Browser} browser
 */
async function dragAmong(browser) {
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
  const page = await context.newPage();
  await page.goto(`${address}/card/one-button/layout`);
  await page.getByRole('group', { name: /to scale/ }).waitFor();
  await page.getByRole('button', { name: 'Scatter…' }).click();
  for (const [index, count] of [30, 60, 110].entries())
    await page.getByLabel(`How many of size ${index + 1}`).fill(String(count));
  await page.getByRole('button', { name: 'Scatter 200 dots' }).click();
  const words = await page.locator('[data-thing=greeting]').boundingBox();
  if (!words) throw new Error('dragAmong: no words on the table');
  const [x, y] = [words.x + words.width / 2, words.y + words.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  const gaps = page.evaluate(
    () =>
      new Promise((resolve) => {
        /** @type {number[]} */
        const found = [];
        let last = performance.now();
        const frame = (/** @type {number} */ now) => {
          found.push(now - last);
          last = now;
          if (found.length < 120) globalThis.requestAnimationFrame(frame);
          else resolve(found);
        };
        globalThis.requestAnimationFrame(frame);
      }),
  );
  for (let step = 0; step < 240; step += 1)
    await page.mouse.move(x + 60 * Math.sin(step / 12), y + 90 * Math.cos(step / 12) - 90);
  const sorted = /** @type {number[]} */ (await gaps).slice(1).toSorted((a, b) => a - b);
  await page.mouse.up();
  await context.close();
  const at = (/** @type {number} */ part) =>
    Math.round((sorted[Math.floor(sorted.length * part)] ?? NaN) * 10) / 10;
  return { 'median ms': at(0.5), '95 % ms': at(0.95), 'longest ms': at(0.999) };
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
  const first = scripts.length;
  await page.waitForLoadState('networkidle');
  const bytes = (await Promise.all(scripts)).map((body) => gzipSync(body).length);
  const kilobytes = (/** @type {number[]} */ sizes) =>
    Math.round(sizes.reduce((sum, each) => sum + each, 0) / 1000);
  await context.close();
  return {
    path,
    'open ms': ms,
    'first script kB': kilobytes(bytes.slice(0, first)),
    'with what comes after kB': kilobytes(bytes),
  };
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
