import { readFileSync } from 'node:fs';
import { saved } from './layoutPage';
import { makeCard } from './makeCard';
import { expect, test, type Page } from './nibwright';

/** A square card of a sky and a strip of kraft, with nothing on it yet. */
async function bareCard(page: Page, title: string): Promise<void> {
  await makeCard(page, {
    ...{ id: 'dawn', title, by: 'orla', release: 'Tide Table', unit: 'in', status: 'planned' },
    ...{ format: 'Square 148', fold: 'side', stock: 'Sailcloth 300 g' },
    ...{ occasion: 'any day', techniques: 'ink blending' },
    layers: [
      { name: 'Sky', stock: 'Chalk 216 g', size: { border: '5/16' } },
      {
        name: 'Strip',
        stock: 'Brown kraft 270 g',
        size: { own: '5 3/16; 1' },
        down: 'from the bottom; 0',
      },
    ],
    uses: [],
  });
}

const inks = ['Apricot', 'Shell pink', 'Heather', 'Fjord'];
const parts = ['rock', 'tower', 'bands', 'lantern', 'gallery', 'cap'];

/** The media of the combinations and the inks of the lines, as the rows tell them, each once. */
async function namedIn(page: Page): Promise<readonly string[]> {
  const rows = page.getByRole('button', { name: /^(Lighthouse|Fan shell), / });
  const told = (await rows.allTextContents()).join('; ');
  expect(told).not.toContain('a wish');
  const named = told.match(/White pencil|Soot|[A-Z][a-z]+ \d/g) ?? [];
  expect(named.length).toBeGreaterThan(18);
  return [...new Set(named)];
}

/** What the sheet and its supply list have to name: every ink and medium; on the sheet in the order of use. */
async function allIsNamed(page: Page): Promise<void> {
  const named = await namedIn(page);
  const rock = await page.getByRole('button', { name: /^Lighthouse, rock/ }).textContent();
  await page.getByRole('link', { name: /^Sheet/ }).click();
  const main = page.getByRole('main');
  await page.getByRole('button', { name: 'Colours', exact: true }).click();
  const order = rock?.replace('Lighthouse, rock', '') ?? '?';
  // In the order of use, after one another.
  const told = (await main.textContent()) ?? '';
  const places = (order.match(/[A-Z][a-z]+ \d/g) ?? []).map((name) => told.indexOf(name));
  expect(places).toEqual(places.toSorted((a, b) => a - b));
  expect(places.every((at) => at > 0)).toBe(true);
  await page.getByRole('button', { name: 'Supplies', exact: true }).click();
  for (const name of [...inks, ...named]) await expect(main).toContainText(name);
}

test('a dawn is coloured from nothing by mouse: blend, six parts, edges, an undercoat on kraft', async ({
  page,
}) => {
  await bareCard(page, 'Dawn by mouse');
  await page.getByRole('link', { name: /^Layout/ }).click();
  const table = page.getByRole('group', { name: 'What lies on this face, front to back' });
  const stamp = async (name: string, on: RegExp, find: string) => {
    await table.getByRole('button', { name: on }).click();
    await page.getByRole('button', { name: 'Add an image' }).click();
    await page.getByLabel('Search the stamps').fill(find);
    await page
      .getByRole('button', { name: new RegExp(`^${name}`) })
      .first()
      .click();
    await expect(table.getByRole('button', { name: new RegExp(`^${name}`) })).toBeVisible();
  };
  await stamp('Lighthouse', /^\S+ ?Sky/, 'lighthouse');
  await stamp('Fan shell', /^\S+ ?Strip/, 'fan shell');
  await saved(page);

  await page.getByRole('link', { name: /^Colour/ }).click();
  await page.getByRole('button', { name: /^Lighthouse, rock/ }).click();
  const lay = page.getByRole('group', { name: 'Lay a ground' });
  await lay.getByRole('button', { name: 'Blend' }).click();
  for (let more = 0; more < 2; more++)
    await page.getByRole('button', { name: 'Another ink', exact: true }).click();
  for (const [index, ink] of inks.entries()) {
    await page.getByRole('combobox', { name: `ink ${index + 1}, out of what` }).click();
    await page.keyboard.type(ink);
    await page.keyboard.press('Enter');
  }
  await saved(page);
  for (const part of parts) {
    await page.getByRole('button', { name: new RegExp(`^Lighthouse, (.*, )?${part}`) }).click();
    await page.getByRole('button', { name: 'Best 3 of mine' }).click();
    await saved(page);
  }
  await lay.getByRole('button', { name: 'Edges' }).click();
  await expect(page.getByLabel('laid over what is printed')).toBeChecked();
  await page.getByRole('button', { name: /^Fan shell, shell/ }).click();
  await page.getByRole('button', { name: 'Best 2 of mine' }).click();
  await page.getByRole('combobox', { name: 'Undercoat' }).click();
  await page.keyboard.type('white pencil');
  await page.keyboard.press('Enter');
  await saved(page);
  await expect(page.getByRole('button', { name: /^Fan shell, shell White pencil/ })).toBeVisible();
  await expect(page.getByRole('group', { name: 'On other stocks' }).getByRole('img')).toHaveCount(
    4,
  );

  for (const lines of [/^Lighthouse, outline/, /^Fan shell, ribs/, /^Fan shell, outline/]) {
    await page.getByRole('button', { name: lines }).click();
    await page.getByRole('combobox', { name: 'ink, out of what' }).click();
    await page.keyboard.type('soot');
    await page.keyboard.press('Enter');
    await saved(page);
  }
  await allIsNamed(page);
});

test('the same by keys alone; a marker that is not there is told, and the palette comes in as it went out', async ({
  page,
}) => {
  const { keyboard } = page;
  /** Goes to what the tabulator would reach, and presses a key on it. */
  const on = (role: 'button' | 'radio' | 'combobox', name: string | RegExp, key: string) =>
    page
      .getByRole(role, { name, exact: typeof name === 'string' })
      .first()
      .press(key);
  const choose = async (label: string | RegExp, item: string) => {
    await on('combobox', label, 'ArrowDown');
    await keyboard.type(item);
    await keyboard.press('Enter');
  };

  await page.goto('/');
  await expect(page.getByRole('main')).toHaveAttribute('aria-busy', 'false');
  await keyboard.press('n');
  await expect(page.getByLabel('Title')).toBeFocused();
  await keyboard.type('Dawn by keys');
  await on('radio', /^Square 148/, 'Space');
  await choose('Base stock', 'sailcloth');
  await page.getByLabel('Title').press('Enter');
  await page.waitForURL(/\/card\/.+\/base/);
  await expect(page.getByRole('button', { name: 'Add a layer' })).toBeVisible();
  for (const [stock, border] of [
    ['chalk 216', '5/16'],
    ['brown kraft', '1 3/4'],
  ] as const) {
    await keyboard.press('a');
    await choose(/^Stock of/, stock);
    const field = page.getByLabel('all round').first();
    await field.fill(border);
    await field.press('Enter');
    await saved(page);
  }

  await keyboard.press('2');
  const table = page.getByRole('group', { name: 'What lies on this face, front to back' });
  for (const [panel, name] of [
    [/^\S+ ?.*5 /, 'Lighthouse'],
    [/^\S+ ?.*2 /, 'Fan shell'],
  ] as const) {
    await table.getByRole('button', { name: panel }).first().press('Enter');
    await keyboard.press('a');
    await page.getByLabel('Search the stamps').fill(name);
    await on('button', new RegExp(`^${name}`), 'Enter');
    await expect(table.getByRole('button', { name: new RegExp(`^${name}`) })).toBeVisible();
  }
  await saved(page);

  await keyboard.press('4');
  const row = (name: RegExp) => page.getByRole('button', { name });
  await row(/^Lighthouse, rock/).press('Enter');
  await on('button', 'Blend', 'Enter');
  for (let more = 0; more < 2; more++) await on('button', 'Another ink', 'Enter');
  for (const [index, ink] of inks.entries()) await choose(`ink ${index + 1}, out of what`, ink);
  await saved(page);
  for (const part of parts) {
    await row(new RegExp(`^Lighthouse, (.*, )?${part}`)).press('Enter');
    await keyboard.press('b');
    await saved(page);
  }
  await on('button', 'Edges', 'Enter');
  await row(/^Fan shell, shell/).press('Enter');
  await on('button', 'Best 2 of mine', 'Enter');
  await choose('Undercoat', 'white pencil');
  // One that is used up: the nearest that is there is told.
  await choose('Add a marker, pencil or pen', 'lagoon 2');
  await saved(page);
  await expect(page.getByRole('region', { name: '1 colour not there' })).toContainText(
    /Lagoon 2 nearest: \w+ \d/,
  );
  for (const lines of [/^Lighthouse, outline/, /^Fan shell, ribs/, /^Fan shell, outline/]) {
    await row(lines).press('Enter');
    await choose('ink, out of what', 'soot');
    await saved(page);
  }
  const going = page.waitForEvent('download');
  await on('button', 'Palette as GPL', 'Enter');
  const path = await (await going).path();
  await page.getByLabel('A GPL palette').setInputFiles(path);
  const palette = page.getByRole('group', { name: /^Palette Dawn by keys/ });
  const again = page.waitForEvent('download');
  await palette.getByRole('button', { name: 'The same as GPL' }).press('Enter');
  expect(readFileSync(await (await again).path(), 'utf8')).toBe(readFileSync(path, 'utf8'));
  await allIsNamed(page);
});
