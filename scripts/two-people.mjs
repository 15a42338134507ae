// Two browsers on one card, editing at random while the server is killed, lines are lost and pages crash:
// `node scripts/two-people.mjs` after a build. MINUTES=60 for how long, SEED=1 for another run. Not part of the tests.
// Prints how far it is every ten minutes, at its end what docs/reliability.md tells; ends with 1 where the two do not
// end equal.
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { clearInterval, setInterval } from 'node:timers';
import { setTimeout as wait } from 'node:timers/promises';
import { chromium } from '@playwright/test';
import { ensureBuild } from './prepare.mjs';
import { seeded, startDemo } from './stress-server.mjs';

const minutes = Number(process.env['MINUTES'] ?? 5);
const port = 4200;
const address = `http://127.0.0.1:${port}`;
const card = 'rain-day';

const random = seeded(Number(process.env['SEED'] ?? 1));
/** @template T @param {readonly T[]} of @returns {T} */
const oneOf = (of) => /** @type {T} */ (of[Math.floor(random() * of.length)]);

/** @typedef {import('@playwright/test').Page} Page */

/** @param {Page} page */
async function untilLive(page) {
  await page
    .locator('astro-island[ssr], main[aria-busy=true]')
    .first()
    .waitFor({ state: 'detached' });
}

/** @param {Page} page @param {string} station */
async function open(page, station) {
  await page.goto(`${address}/card/${card}/${station}`);
  await untilLive(page);
}

const pieces = ['Mat', 'Top panel', 'Sky', 'Far hill', 'Near hill', 'Shed', 'Wren', 'Window frame'];
let edits = 0;

/** One change, as a person makes it. @param {Page} page @param {string} who */
async function change(page, who) {
  edits++;
  const deed = oneOf(['copies', 'piece', 'note', 'title', 'undo', 'occasion']);
  const quick = { timeout: 2000 };
  if (deed === 'undo') {
    const undo = page.getByRole('button', { name: 'Undo' });
    if (await undo.isEnabled(quick)) await undo.click(quick);
    return;
  }
  if (deed === 'title') {
    const field = page.getByLabel('Title of the card');
    await field.fill(`${who} ${edits}`, quick);
    await field.press('Enter', quick);
    return;
  }
  const wanted = deed === 'copies' || deed === 'occasion' ? 'Sheet' : 'Base';
  await page
    .getByRole('navigation', { name: 'Stations' })
    .getByRole('link', { name: new RegExp(`^${wanted} `) })
    .click(quick);
  if (wanted === 'Sheet') {
    const field = page.getByLabel(deed === 'copies' ? 'Copies' : 'Occasion');
    await field.fill(
      deed === 'copies' ? String(1 + Math.floor(random() * 90)) : `${who} ${edits}`,
      quick,
    );
    await field.press('Enter', quick);
    return;
  }
  const rows = page.locator('[data-row]').filter({ hasText: new RegExp(pieces.join('|')) });
  const row = rows.nth(Math.floor(random() * (await rows.count())));
  if ((await row.getByRole('button').count()) === 1) await row.getByRole('button').click(quick);
  const field = page.getByLabel(/^Note on/);
  await field.fill(`${who} ${edits}`, quick);
  await field.press('Enter', quick);
}

/** Where a choice is asked for, theirs is taken: what one keeps as a copy is another card. @param {Page} page */
async function choose(page) {
  const theirs = page.getByRole('button', {
    name: /^(Take theirs|Let mine go|Back to what is saved)$/,
  });
  if (await theirs.count()) {
    conflicts++;
    await theirs.first().click({ timeout: 2000 });
  }
}
let conflicts = 0;

/** What a page shows of the card. @param {Page} page */
async function shown(page) {
  await open(page, 'sheet');
  return page.getByRole('article').innerText();
}

await ensureBuild();
const folder = mkdtempSync(join(tmpdir(), 'nibwright-two-'));
let { child: server } = await startDemo(folder, port);
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium' });
const counts = { kills: 0, lines: 0, crashes: 0 };
const people = [];
for (const name of ['Edda', 'Wim']) {
  const context = await browser.newContext();
  const page = await context.newPage();
  page.on('dialog', (dialog) => void dialog.accept().catch(() => undefined));
  await open(page, 'base');
  people.push({ name, context, page, isOffline: false });
}

const end = Date.now() + minutes * 60_000;
let failed = 0;
const progress = setInterval(() => {
  const left = Math.round((end - Date.now()) / 60_000);
  console.error(
    `${left} minutes left: ${edits} edits, ${conflicts} choices, ${counts.kills} kills`,
  );
}, 600_000);
while (Date.now() < end) {
  const person = oneOf(people);
  try {
    const chance = random();
    if (chance < 0.004) {
      counts.kills++;
      server.kill('SIGKILL');
      await wait(random() * 3000);
      server = (await startDemo(folder, port)).child;
    } else if (chance < 0.02) {
      counts.lines++;
      person.isOffline = !person.isOffline;
      await person.context.setOffline(person.isOffline);
    } else if (chance < 0.023 && !person.isOffline) {
      counts.crashes++;
      const session = await person.context.newCDPSession(person.page);
      void session.send('Page.crash').catch(() => undefined);
      await person.page.waitForEvent('crash');
      await person.page.close();
      person.page = await person.context.newPage();
      person.page.on('dialog', (dialog) => void dialog.accept().catch(() => undefined));
      await open(person.page, 'base');
    } else await change(person.page, person.name);
    await choose(person.page);
  } catch (error) {
    // A dialog in the way, a row that went: a person tries something else.
    failed++;
    if (process.env['TALK']) console.error(String(error).slice(0, 300));
    await choose(person.page).catch(() => undefined);
  }
  await wait(random() * 200);
}
clearInterval(progress);

for (const { context } of people) await context.setOffline(false);
for (let round = 0; round < 3; round++)
  for (const { page } of people) {
    await wait(3000);
    await choose(page).catch(() => undefined);
    await page.locator('[data-save-state="saved"]').waitFor({ timeout: 30_000 });
  }
const live = await Promise.all(
  people.map(({ page }) => page.getByLabel('Title of the card').inputValue()),
);
const texts = [];
for (const { page } of people) texts.push(await shown(page));
const isEqual = texts[0] === texts[1] && live[0] === live[1];
console.log(
  `${minutes} minutes: ${edits} edits (${failed} not possible just then), ${conflicts} choices, ${counts.kills} kills, ${counts.lines} lines lost or found, ${counts.crashes} crashes; ${isEqual ? 'both end equal' : 'THE TWO DIFFER'}`,
);
if (!isEqual) console.log(live, texts);
await browser.close();
server.kill('SIGTERM');
rmSync(folder, { recursive: true, force: true });
process.exit(isEqual ? 0 : 1);
