// Takes the pictures of docs/screenshots from a demo that is running: node scripts/take-screenshots.mjs
import { chromium } from '@playwright/test';

const address = process.env['NIBWRIGHT_ADDRESS'] ?? 'http://127.0.0.1:4180';
const views = [
  { name: 'ledge', path: '/' },
  { name: 'base', path: '/card/bean-poles/base?piece=dark-mat' },
  { name: 'layout', path: '/card/rain-day/layout?piece=wren-cut' },
  {
    name: 'masks',
    path: '/card/beans-before-the-shed/masks?piece=barrow-left',
    unit: 'mm',
    wait: 'Move Barrow 1 left 4: 1 image to mask',
  },
  {
    name: 'strips',
    path: '/card/hillside-beds/masks',
    unit: 'mm',
    click: 'Draw the strips',
  },
  {
    name: 'stamping',
    path: '/card/beans-before-the-shed/sheet',
    unit: 'mm',
    click: 'Stamp in this order',
  },
  { name: 'colour', path: '/card/lighthouse-keeper/colour?piece=dawn' },
  {
    name: 'colour-part',
    path: '/card/last-tram-home/colour',
    click: 'Number nine tram, car White pencil, Rust 2, Rust 3 and Rust 4',
  },
  { name: 'post', path: '/card/bean-poles/post', wait: 'Sequins for gems, 4.7 mm' },
  { name: 'steps', path: '/card/mooring-by-lamplight/steps', press: 'Blend dusk' },
  { name: 'bench', path: '/card/parcel-on-the-step/steps', key: 'b', then: 5 },
  { name: 'cut', path: '/card/rain-day/cut', wait: 'Cut by this plan' },
  { name: 'supplies', path: '/card/rain-day/sheet', click: 'Supplies' },
  { name: 'stash', path: '/stash', click: 'Bean row paper 160 g' },
  { name: 'buying', path: '/buying?release=night-tram' },
  { name: 'sheet', path: '/card/bean-poles/sheet' },
  { name: 'for-filming', path: '/card/bean-poles/sheet', click: 'For filming' },
  { name: 'team', path: '/team' },
];

const browser = await chromium.launch({
  executablePath: '/usr/bin/chromium',
  args: ['--headless', '--no-sandbox', '--disable-gpu'],
});
const context = await browser.newContext({
  viewport: { width: 1280, height: 800 },
  reducedMotion: 'reduce',
});
await context.addCookies([{ name: 'nibwright-designer', value: 'orla', url: address }]);
const page = await context.newPage();
// How the evenings are filled depends on when one begins.
await page.clock.setFixedTime('2027-02-01T10:00:00Z');
for (const { name, path, key, click, press, then = 0, wait, unit = 'in' } of views) {
  await context.addCookies([{ name: 'nibwright-unit', value: unit, url: address }]);
  await page.goto(address + path);
  await page.waitForFunction(() => !document.querySelector('astro-island[ssr]'));
  if (wait) await page.getByRole('button', { name: wait }).first().waitFor();
  await page.waitForTimeout(2500);
  for (const unfinished of ['planning…', 'in order…', 'looking…', 'Not complete yet'])
    while ((await page.getByText(unfinished).count()) > 0) await page.waitForTimeout(200);
  if (key) await page.keyboard.press(key);
  // The bench of the sixth stage, at its third card.
  for (let stage = 0; stage < then; stage += 1) await page.keyboard.press('Enter');
  for (let copy = 0; copy < (then > 0 ? 2 : 0); copy += 1) await page.keyboard.press('Space');
  if (press) await page.getByRole('button', { name: press }).first().click();
  if (click) await page.getByRole('button', { name: click, exact: true }).click();
  await page.waitForTimeout(800);
  await page.screenshot({ path: `docs/screenshots/${name}.png` });
}
await page.goto(`${address}/card/${await revisedCopy()}/revisions`);
await page.getByText('Reading the revisions').waitFor({ state: 'detached' });
await page.screenshot({ path: 'docs/screenshots/revisions.png' });
await browser.close();

/** A copy of a demo card with a few changes, each saved by itself, so that it has revisions to show. */
async function revisedCopy() {
  const copy = await page.request.post(`${address}/api/cards/bean-poles/copy`, { data: {} });
  const { id } = await copy.json();
  await page.goto(`${address}/card/${id}/base?piece=dark-mat`);
  await page.waitForLoadState('networkidle');
  const saved = () => page.locator('[data-save-state=saved]').waitFor();
  for (const border of ['3/16', '1/4']) {
    await page.getByLabel('all round').fill(border);
    await page.getByLabel('all round').press('Enter');
    await saved();
    await page.waitForTimeout(700);
  }
  await page.getByLabel('Stock of D').click();
  await page.getByRole('option', { name: 'Lovage 216 g' }).click();
  await page.waitForTimeout(900);
  await page.getByLabel('Fold', { exact: true }).selectOption('tent');
  await page.waitForTimeout(900);
  await saved();
  return id;
}
