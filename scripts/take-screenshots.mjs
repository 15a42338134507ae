// Takes the pictures of docs/screenshots from a demo that is running: node scripts/take-screenshots.mjs
import { chromium } from '@playwright/test';

const address = process.env['NIBWRIGHT_ADDRESS'] ?? 'http://127.0.0.1:4180';
const views = [
  { name: 'ledge', path: '/' },
  { name: 'base', path: '/card/bean-poles/base?piece=mat-d' },
  { name: 'base-slimline-tent', path: '/card/last-tram-home/base?piece=top' },
  { name: 'base-millimetres', path: '/card/shed-door/base?piece=mat' },
  { name: 'sheet', path: '/card/bean-poles/sheet' },
  { name: 'new-card', path: '/', key: 'n' },
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
for (const { name, path, key } of views) {
  await page.goto(address + path);
  await page.waitForLoadState('networkidle');
  if (key) await page.keyboard.press(key);
  await page.screenshot({ path: `docs/screenshots/${name}.png` });
}
await browser.close();
