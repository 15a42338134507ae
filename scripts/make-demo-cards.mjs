// Makes the demo cards through the interface, as a designer would, and writes their card files:
// node scripts/make-demo-cards.mjs, after a build. Cards are told in demo/cards.json.
import { mkdirSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { withDemo } from './demo-server.mjs';

const port = 4191;
const folder = 'demo/cards';

const ways = {
  border: 'Border',
  sides: 'Each side',
  step: 'Smaller by',
  own: 'Own size',
  round: 'Round',
  die: 'Die',
};

/**
 * @typedef {object} Layer
 * @property {string} name
 * @property {string} stock
 * @property {string} [on] the face, or the name of a layer; left out, on top of the front
 * @property {string} [round] the layer a mat is built round
 * @property {Record<string, string>} size by the way of giving it: border, sides, step, own, die
 * @property {string} [across] @property {string} [down] @property {string} [glue]
 * @property {Record<string, string>} [trim] @property {string} [cutOut] @property {string} [note]
 * @property {string} [group]
 *
 * @typedef {object} Card
 * @property {string} id @property {string} title @property {string} by @property {string} release
 * @property {'in' | 'mm'} unit @property {string} format @property {string} [size]
 * @property {string} [stands] @property {string} fold @property {string} stock
 * @property {string} occasion @property {string} techniques @property {string} status
 * @property {string} [filmOn] @property {number} [copies] @property {readonly Layer[]} layers
 * @property {readonly { item: string, amount: number, note?: string, for?: string }[]} uses
 */

/** @type {readonly Card[]} */
const cards = JSON.parse(readFileSync('demo/cards.json', 'utf8'));

mkdirSync(folder, { recursive: true });
for (const name of readdirSync(folder)) rmSync(`${folder}/${name}`);
const address = `http://127.0.0.1:${port}`;
await withDemo({ folder: '.nib/demo-making', port }, async (browser) => {
  for (const card of cards) await makeCard(browser, card);
  console.log(`${readdirSync(folder).length} cards are in ${folder}.`);
});

/**
 * @param {import('@playwright/test').Browser} browser
 * @param {Card} card
 */
async function makeCard(browser, card) {
  const context = await browser.newContext({ reducedMotion: 'reduce' });
  await context.addCookies([
    { name: 'nibwright-designer', value: card.by, url: address },
    { name: 'nibwright-unit', value: card.unit, url: address },
  ]);
  const page = await context.newPage();
  page.setDefaultTimeout(8000);
  await page.goto(address);
  await page.waitForLoadState('networkidle');
  await page.getByRole('button', { name: 'New card' }).first().click();
  await page.getByLabel('Title').fill(card.title);
  await page.getByRole('radio', { name: card.format, exact: false }).first().check();
  if (card.size) await page.getByLabel('Closed size').fill(card.size);
  if (card.stands) await page.getByRole('radio', { name: card.stands, exact: true }).check();
  await page.getByRole('radio', { name: card.fold, exact: true }).check();
  await page.getByLabel('Base stock').selectOption({ label: card.stock });
  await page.getByLabel('Release').selectOption({ label: card.release });
  await page.getByRole('button', { name: 'Make the card' }).click();
  await page.waitForURL(/\/card\/.+\/base/);
  await page.waitForLoadState('networkidle');
  for (const layer of card.layers) await addLayer(page, layer);
  await page.getByRole('link', { name: /^Sheet/ }).click();
  await page.getByLabel('Status').selectOption(card.status);
  await fillAndKeep(page, page.getByRole('textbox', { name: 'Occasion' }), card.occasion);
  await fillAndKeep(page, page.getByLabel('Techniques, with commas between'), card.techniques);
  if (card.filmOn) await fillAndKeep(page, page.getByLabel('Filmed on'), card.filmOn);
  if (card.copies) await fillAndKeep(page, page.getByLabel('Copies'), String(card.copies));
  await page.getByRole('button', { name: 'Supplies', exact: true }).click();
  for (const use of card.uses) await addUse(page, use);
  await page.locator('[data-save-state=saved]').waitFor();
  const id = page.url().split('/')[4];
  const file = await (
    await page.request.get(`${address}/api/cards/${id}/card.nibwright.json`)
  ).json();
  // Names that can be read in place of the random ids; nothing else in the file is touched.
  const text = `${JSON.stringify({ ...file, id: card.id }, undefined, 2)}\n`;
  const named = JSON.parse(withReadableIds(text, file));
  // Uses stand in the order of their ids, which are others now.
  named.plan.uses.sort((/** @type {{ id: string }} */ a, /** @type {{ id: string }} */ b) =>
    a.id < b.id ? -1 : 1,
  );
  writeFileSync(`${folder}/${card.id}.nibwright.json`, `${JSON.stringify(named, undefined, 2)}\n`);
  console.log(`${card.title}: ${card.layers.length} layers`);
  await context.close();
}

/**
 * @param {import('@playwright/test').Page} page
 * @param {Layer} layer
 */
async function addLayer(page, layer) {
  const rows = page.getByRole('group', { name: 'Layers, front to back' });
  if (layer.round) {
    await openRow(page, layer.round);
    await page.getByRole('button', { name: 'Mat round it' }).click();
  } else {
    if (layer.on === undefined || layer.on === 'the front')
      await rows
        .locator('[data-row]')
        .first()
        .click({ position: { x: 6, y: 8 } });
    await page.getByRole('button', { name: 'Add a layer' }).click();
    if (layer.on !== undefined) {
      const on = page.getByLabel(/^What . lies on/);
      await on.selectOption({ label: layer.on });
    }
  }
  await fillAndKeep(page, page.getByLabel(/^Name of/), layer.name);
  await page.getByLabel(/^Stock of/).selectOption({ label: layer.stock });
  await sizeLayer(page, layer.size);
  if (layer.across) await place(page, 'Place across', layer.across);
  if (layer.down) await place(page, 'Place down', layer.down);
  if (layer.glue) await page.getByLabel('glued with').selectOption({ label: layer.glue });
  if (layer.group) await fillAndKeep(page, page.getByLabel(/^Group of/), layer.group);
  if (layer.note) await fillAndKeep(page, page.getByLabel(/^Note on/), layer.note);
  if (layer.cutOut) {
    await page.getByLabel('middle cut out').check();
    await fillAndKeep(page, page.getByLabel('rim', { exact: true }), layer.cutOut);
  }
  if (layer.trim) {
    await page.getByLabel('trimmed later').check();
    for (const [side, off] of Object.entries(layer.trim))
      await fillAndKeep(page, page.getByLabel(side, { exact: true }).last(), off);
  }
}

/**
 * @param {import('@playwright/test').Page} page
 * @param {Card['uses'][number]} use
 */
async function addUse(page, { item, amount, note, for: letter }) {
  const adding = page.getByRole('combobox', { name: 'It takes' });
  await fillAndKeep(page, adding, item);
  // What is used and not used up has no amount.
  if (amount > 0) await fillAndKeep(page, page.getByLabel(`Amount of ${item}`), String(amount));
  if (note) await fillAndKeep(page, page.getByLabel(`Note on ${item}`), note);
  if (!letter) return;
  const choice = page.getByLabel(`What ${item} is for`);
  const label = await choice.locator('option', { hasText: `for ${letter} ` }).textContent();
  await choice.selectOption({ label: label ?? '' });
}

/**
 * @param {import('@playwright/test').Page} page
 * @param {Record<string, string>} size
 */
async function sizeLayer(page, size) {
  const [way = ''] = Object.keys(size);
  const figures = size[way] ?? '';
  await page
    .getByRole('button', { name: ways[/** @type {keyof typeof ways} */ (way)], exact: true })
    .click();
  if (way === 'die') {
    const [set = '', nth = '1'] = figures.split('; ');
    await page.getByLabel('Set of dies').selectOption({ label: set });
    await page.getByLabel('Die of the set').selectOption({ index: Number(nth) - 1 });
    return;
  }
  const labels = {
    border: ['all round'],
    round: ['all round'],
    step: ['overall'],
    sides: ['left', 'top', 'right', 'bottom'],
    own: ['width', 'height'],
  }[/** @type {'border'} */ (way)];
  for (const [index, figure] of figures.split('; ').entries())
    await fillAndKeep(
      page,
      page.getByLabel(labels?.[index] ?? '', { exact: true }).first(),
      figure,
    );
}

/**
 * @param {import('@playwright/test').Page} page
 * @param {string} label
 * @param {string} where such as 'from the left; 1/4'
 */
async function place(page, label, where) {
  const [from = '', distance] = where.split('; ');
  await page.getByLabel(label, { exact: true }).selectOption({ label: from });
  if (distance) await fillAndKeep(page, page.getByLabel(`${label}, distance`), distance);
}

/**
 * @param {import('@playwright/test').Page} page
 * @param {string} name
 */
async function openRow(page, name) {
  const row = page.getByRole('button', { name: new RegExp(`^[A-Z]+ ?${name}`) });
  if (await row.count()) await row.first().click();
}

/**
 * @param {import('@playwright/test').Page} page
 * @param {import('@playwright/test').Locator} field
 * @param {string} text
 */
async function fillAndKeep(page, field, text) {
  await field.fill(text);
  await field.press('Enter');
  await page.waitForTimeout(30);
}

/**
 * @param {string} text
 * @param {{ plan: { pieces: readonly { id: string, name: string }[], uses: readonly { id: string, item: { id: string } }[] } }} file
 */
function withReadableIds(text, { plan: { pieces, uses } }) {
  const names = [
    ...pieces.map(({ id, name }) => [id, name]),
    ...uses.map(({ id, item }) => [id, `takes ${item.id}`]),
  ];
  return names.reduce((named, [id, name = '']) => {
    const readable = name
      .toLowerCase()
      .replaceAll(/[^a-z0-9]+/g, '-')
      .replaceAll(/^-|-$/g, '');
    return named.replaceAll(`"${id}"`, `"${readable}"`);
  }, text);
}
