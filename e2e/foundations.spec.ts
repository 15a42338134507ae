import { readFileSync } from 'node:fs';
import { expect, test, type Page } from './nibwright';

const demo = JSON.parse(readFileSync('demo/cards/bean-poles.nibwright.json', 'utf8')) as {
  readonly plan: { readonly base: object; readonly pieces: readonly { readonly id: string }[] };
  readonly library: readonly object[];
};

/** A layering stamp of ten layers, all of them printed on a panel. */
const layers = Array.from({ length: 10 }, (_, at) => ({
  name: `tone ${at + 1}`,
  path: `M0 0H${100 - at * 10}V100H0Z`,
  lineWidth: 0,
  colour: `#${String(at).repeat(2)}5577`,
}));
const stamp = {
  kind: 'stamp',
  id: 'ten-tones',
  version: 1,
  name: 'Ten tones',
  stamp: 'layering',
  width: { ticks: 406_400 },
  height: { ticks: 406_400 },
  shape: { box: { width: 100, height: 100 }, outline: 'M0 0H100V100H0Z' },
  layers,
};
const [paper] = demo.plan.pieces;
const image = {
  kind: 'image',
  id: 'tones',
  name: 'Tones',
  on: { piece: paper?.id },
  place: { x: { from: 'centre' }, y: { from: 'centre' }, turn: 0 },
  isOff: false,
  group: null,
  notes: '',
  stamp: { id: stamp.id, version: 1 },
  layers: layers.map(({ colour }) => ({
    by: 'print',
    ink: { wish: colour },
    offPad: 'first',
    powder: null,
  })),
  parts: [],
  finishes: [],
  crop: null,
};
const tenLayers = {
  ...demo,
  id: 'ten-layers',
  plan: { ...demo.plan, pieces: [paper, image] },
  library: [...demo.library, stamp],
};

/** A card as version 1 wrote it, with the library of a card of today. */
const oldCard = {
  format: 'nibwright-card',
  version: 1,
  id: 'version-one',
  plan: JSON.parse(readFileSync('test/fixtures/plan-1.json', 'utf8')) as object,
  library: [],
  designer: null,
  release: null,
};

async function takeIn(page: Page, name: string, card: object) {
  await page.goto('/');
  await page
    .locator('input[type=file]')
    .first()
    .setInputFiles({
      name: `${name}.nibwright.json`,
      mimeType: 'application/json',
      buffer: Buffer.from(JSON.stringify(card)),
    });
}

const saved = (page: Page) => expect(page.locator('[data-save-state=saved]')).toBeVisible();

test('an image of ten layers is recoloured by mouse, by keys, and back by a revision', async ({
  page,
}) => {
  await takeIn(page, 'ten-layers', tenLayers);
  await page.waitForURL(/\/card\/.+\/base/);
  const station = (name: string) => page.url().replace(/\/base.*/, `/${name}`);
  const [layout, revisions] = [`${station('layout')}?piece=tones`, station('revisions')];
  await page.goto(layout);
  const last = page.getByLabel('tone 10, as a colour');
  await last.fill('#123456');
  await last.blur();
  await saved(page);
  await page.getByLabel('tone 9 is there').focus();
  await page.keyboard.press('Space');
  await saved(page);
  await page.reload();
  await expect(last).toHaveValue('#123456');
  await expect(page.getByLabel('tone 9 is there')).not.toBeChecked();
  await page.goto(revisions);
  await page
    .getByText(/made|imported/i)
    .last()
    .click();
  await page.keyboard.press('t');
  await page.goto(layout);
  await expect(last).toHaveValue(layers[9]?.colour ?? '?');
  await expect(page.getByLabel('tone 9 is there')).toBeChecked();
});

test('a card of version 1 is opened, changed, printed and restored', async ({ page }) => {
  await takeIn(page, 'version-one', oldCard);
  await page.waitForURL(/\/card\/.+\/base/);
  // By its role: what the server drew may stand in the page once more, hidden, until the station's script has come.
  const fold = page.getByRole('combobox', { name: 'Fold', exact: true });
  const id = page.url().replace(/.*\/card\/([^/]+)\/.*/, '$1');
  await fold.selectOption('side');
  await saved(page);
  await page.reload();
  await expect(fold).toHaveValue('side');
  await page.keyboard.press('8');
  await expect(page.getByRole('article', { name: 'Project sheet' })).toContainText('side fold');
  await page.goto(`/card/${id}/revisions`);
  await page.locator('[data-revision="2"]').waitFor();
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('t');
  await saved(page);
  await page.goto(`/card/${id}/base`);
  await expect(fold).toHaveValue('tent');
});

test('a change of a property that another kind of piece has is refused with its reason', async ({
  request,
}) => {
  const copy = await request.post('/api/cards/bean-poles/copy', { data: {} });
  const { id } = (await copy.json()) as { readonly id: string };
  const send = (edit: object) =>
    request.post(`/api/cards/${id}/edits`, {
      data: { saveId: String(Math.random()), baseRevision: 1, edits: [edit] },
    });
  const piece = demo.plan.pieces[0]?.id;
  const change = { kind: 'change', in: 'pieces', id: piece, change: { lines: ['hello'] } };
  const asPaper = await send({ ...change, of: 'panel' });
  expect(asPaper.status()).toBe(400);
  const asWords = await send({ ...change, of: 'words' });
  expect(asWords.status()).toBe(400);
  expect(await asWords.text()).toContain('is of another kind now');
});
