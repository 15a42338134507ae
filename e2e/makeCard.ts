import { choose } from './nibwright';
import type { CardDescription, LayerDescription } from '../scripts/compose/planCard';
import type { Locator, Page } from './nibwright';

const ways: Readonly<Record<string, string>> = {
  border: 'Border',
  sides: 'Each side',
  step: 'Smaller by',
  own: 'Own size',
  round: 'Round',
  die: 'Die',
};

/** The figures each way of giving a size asks for. */
const figures: Readonly<Record<string, readonly string[]>> = {
  border: ['all round'],
  round: ['all round'],
  step: ['overall'],
  sides: ['left', 'top', 'right', 'bottom'],
  own: ['width', 'height'],
};

/** Makes a card of the demo through the interface, as a designer would; the page ends on its Sheet. */
export async function makeCard(page: Page, card: CardDescription): Promise<void> {
  await page.goto('/');
  await page.getByRole('button', { name: 'New card' }).first().click();
  await page.getByLabel('Title').fill(card.title);
  await page.getByRole('radio', { name: card.format, exact: false }).first().check();
  if (card.size) await page.getByLabel('Closed size').fill(card.size);
  if (card.stands) await page.getByRole('radio', { name: card.stands, exact: true }).check();
  await page.getByRole('radio', { name: card.fold, exact: true }).check();
  await choose(page.getByLabel('Base stock'), card.stock);
  await page.getByLabel('Release').selectOption({ label: card.release });
  await page.getByRole('button', { name: 'Make the card' }).click();
  await page.waitForURL(/\/card\/.+\/base/);
  for (const layer of card.layers) await addLayer(page, layer);
  await page.getByRole('link', { name: /^Sheet/ }).click();
  await page.getByLabel('Status').selectOption(card.status);
  await keep(page.getByRole('textbox', { name: 'Occasion' }), card.occasion);
  await keep(page.getByLabel('Techniques, with commas between'), card.techniques);
  if (card.filmOn) await keep(page.getByLabel('Filmed on'), card.filmOn);
  if (card.copies) await keep(page.getByLabel('Copies'), String(card.copies));
  await page.getByRole('button', { name: 'Supplies', exact: true }).click();
  for (const use of card.uses) await addUse(page, use);
  await page.locator('[data-save-state=saved]').waitFor();
}

async function addLayer(page: Page, layer: LayerDescription): Promise<void> {
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
    if (layer.on !== undefined)
      await page.getByLabel(/^What . lies on/).selectOption({ label: layer.on });
  }
  await keep(page.getByLabel(/^Name of/), layer.name);
  await choose(page.getByLabel(/^Stock of/), layer.stock);
  await sizeLayer(page, layer.size);
  if (layer.across) await place(page, 'Place across', layer.across);
  if (layer.down) await place(page, 'Place down', layer.down);
  if (layer.glue) await page.getByLabel('glued with').selectOption({ label: layer.glue });
  if (layer.group) await keep(page.getByLabel(/^Group of/), layer.group);
  if (layer.note) await keep(page.getByLabel(/^Note on/), layer.note);
  if (layer.cutOut) {
    await page.getByLabel('middle cut out').check();
    await keep(page.getByLabel('rim', { exact: true }), layer.cutOut);
  }
  if (layer.trim) {
    await page.getByLabel('trimmed later').check();
    for (const [side, off] of Object.entries(layer.trim))
      await keep(page.getByLabel(side, { exact: true }).last(), off);
  }
}

async function addUse(page: Page, use: CardDescription['uses'][number]): Promise<void> {
  const { item, amount, note, for: letter } = use;
  await choose(page.getByRole('combobox', { name: 'It takes' }), item);
  // What is used and not used up has no amount.
  if (amount > 0) await keep(page.getByLabel(`Amount of ${item}`), String(amount));
  if (note) await keep(page.getByLabel(`Note on ${item}`), note);
  if (!letter) return;
  const choice = page.getByLabel(`What ${item} is for`);
  const label = await choice.locator('option', { hasText: `for ${letter} ` }).textContent();
  await choice.selectOption({ label: label ?? '' });
}

async function sizeLayer(page: Page, size: LayerDescription['size']): Promise<void> {
  const [[way = '', text = ''] = []] = Object.entries(size);
  await page.getByRole('button', { name: ways[way] ?? way, exact: true }).click();
  const given = text.split('; ');
  if (way === 'die') {
    await choose(page.getByLabel('Set of dies'), given[0] ?? '');
    await page.getByLabel('Die of the set').selectOption({ index: Number(given[1] ?? '1') - 1 });
    return;
  }
  for (const [index, label] of (figures[way] ?? []).entries())
    await keep(page.getByLabel(label, { exact: true }).first(), given[index] ?? '');
}

/** @param where such as `from the left; 1/4` */
async function place(page: Page, label: string, where: string): Promise<void> {
  const [from = '', distance] = where.split('; ');
  await page.getByLabel(label, { exact: true }).selectOption({ label: from });
  if (distance) await keep(page.getByLabel(`${label}, distance`), distance);
}

async function openRow(page: Page, name: string): Promise<void> {
  const row = page.getByRole('button', { name: new RegExp(`^[A-Z]+ ?${name}`) });
  if (await row.count()) await row.first().click();
}

async function keep(field: Locator, text: string): Promise<void> {
  await field.fill(text);
  await field.press('Enter');
}
