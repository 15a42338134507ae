import { spawn, spawnSync, type ChildProcess } from 'node:child_process';
import { mkdirSync, rmSync } from 'node:fs';
import { makeTeam } from '../bench/makeTeam.mjs';
import { choose, expect, test, untilLive } from './nibwright';

// More cards and items than a page brings: what is not seen first comes after it.
const port = 4189;
const address = `http://127.0.0.1:${port}`;
const folder = '.nib/e2e-team';
let server: ChildProcess;

test.beforeAll(async () => {
  // A whole team is written, restored and computed first.
  test.setTimeout(300_000);
  rmSync(folder, { recursive: true, force: true });
  mkdirSync('.nib', { recursive: true });
  await makeTeam(`${folder}.jsonl`, { cards: 250, items: 450, people: 5, releases: 6, saves: 1 });
  const env = { ...process.env, NIBWRIGHT_DATA: folder, DATABASE_URL: '', PORT: String(port) };
  spawnSync(process.execPath, ['dist/backup.mjs', 'restore', `${folder}.jsonl`], { env });
  server = spawn(process.execPath, ['dist/serve.mjs'], {
    env,
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  await new Promise((ready) =>
    server.stdout?.on('data', (said) => String(said).includes('is ready') && ready(undefined)),
  );
});
test.afterAll(() => {
  server.kill('SIGTERM');
  rmSync(folder, { recursive: true, force: true });
  rmSync(`${folder}.jsonl`, { force: true });
});

test('a large Ledge tells all its cards at once and finds any of them', async ({ page }) => {
  await page.goto(address);
  await expect(page.getByRole('button', { name: 'All 250' })).toBeVisible();
  await expect(page.getByRole('status').last()).toContainText('250 cards.');
  // How many of a release are filmed is told once all are there.
  await expect(page.getByText(/of 42 filmed/).first()).toBeVisible();
  const first = page.locator('[data-card]').first();
  await expect(first).toHaveAttribute('aria-posinset', '1');
  await expect(first).toHaveAttribute('aria-setsize', /^4[12]$/);
  await page.keyboard.press('/');
  await page.getByLabel('Find a card').fill('lamp 249');
  await expect(page.locator('[data-card]')).toHaveCount(0);
  await page.getByLabel('Find a card').fill('241');
  await expect(page.locator('[data-card]')).toHaveCount(1);
  await expect(page.locator('[data-card] svg').first()).toBeVisible();
  // A link shows the same before anything else has come.
  await page.goto(`${address}/?q=241`);
  await expect(page.locator('[data-card]')).toHaveCount(1);
});

test('a card of a large team is made and laid from a stash that comes after the page', async ({
  page,
}) => {
  await page.goto(address);
  await page.keyboard.press('n');
  const stock = page.getByLabel('Base stock');
  await choose(stock, 'Chalk 300 g');
  await page.getByRole('button', { name: 'Make the card' }).click();
  await page.waitForURL(/\/card\/.+\/base/);
  await untilLive(page);
  await page.keyboard.press('a');
  await choose(page.getByLabel(/^Stock of/), 'Oat 216 g 1');
  await page.getByRole('link', { name: /^Layout/ }).click();
  await page.getByRole('button', { name: 'Add an image' }).click();
  const shelf = page.getByRole('dialog', { name: 'Stamps' });
  const { items } = (await (await page.request.get(`${address}/api/stash?kinds=stamp`)).json()) as {
    items: unknown[];
  };
  await expect(shelf.getByRole('status')).toHaveText(
    `${items.length} are there, drawn at one scale`,
  );
  await shelf.getByLabel('Search the stamps').fill('tram');
  await shelf.getByRole('button').first().click();
  await expect(page.locator('[data-save-state=saved]')).toBeVisible();
});

test('the buying list of a large team offers every card and draws those in view', async ({
  page,
}) => {
  await page.goto(`${address}/buying?release=release-2`);
  const list = page.getByRole('article', { name: 'Buying list' });
  await expect(list.getByRole('heading')).toContainText('42 cards');
  await expect(page.getByLabel('Release 3', { exact: true })).toBeChecked();
  expect(await page.getByRole('checkbox').count()).toBeLessThan(80);
  await page.getByLabel('Release 3', { exact: true }).uncheck();
  await page.getByLabel('Find a card').fill('241');
  await page.getByRole('checkbox').nth(1).check();
  await expect(list.getByRole('heading')).toContainText('1 card');
  await expect(list.locator('table')).toContainText('Paper');
});

test('what is asked of the stash wrongly is refused in a sentence', async ({ request }) => {
  const ask = async (query: string) => {
    const reply = await request.get(`${address}/api/stash${query}`);
    return { status: reply.status(), text: await reply.text() };
  };
  const refused = { status: 400, text: expect.stringContaining('These are no ids of items.') };
  expect(await ask('?items=..')).toEqual(refused);
  expect(await ask('?items=')).toEqual(refused);
  expect((await ask('?kinds=stock,hat')).text).toContain('These are no kinds of items.');
  expect(
    (JSON.parse((await ask('?items=chalk-300,none')).text) as { items: unknown[] }).items,
  ).toHaveLength(1);
  expect((JSON.parse((await ask('')).text) as { items: unknown[] }).items).toHaveLength(450);
});
