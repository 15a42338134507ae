import { readFileSync } from 'node:fs';
import { copyOf, expect, test, type Page } from './nibwright';
import { saved } from './layoutPage';

/** Opens the Colour station of a copy of a card. */
const open = async (page: Page, card: string) => {
  await page.goto(`/card/${await copyOf(page, card)}/colour`);
};

test('pointing at a part unfolds what it is coloured with, and another ink shows on the card', async ({
  page,
}) => {
  await open(page, 'lighthouse-keeper');
  await page.getByRole('button', { name: 'Three waves, waves Kelp line' }).click();
  await expect(page.getByText('on Sailcloth 300 g')).toBeVisible();
  await page.getByRole('combobox', { name: 'ink, out of what' }).click();
  await page.keyboard.type('rose hip');
  await page.keyboard.press('Enter');
  await saved(page);
  await expect(page.getByRole('button', { name: 'Three waves, waves Rose hip' })).toBeVisible();
  // Inks are listed on the sheet without being typed.
  await page.keyboard.press('Escape');
  await page.getByRole('link', { name: /^Sheet/ }).click();
  await expect(page.getByText('Rose hip').first()).toBeVisible();
  await expect(page.getByText('Kelp line')).toHaveCount(0);
});

test('a part is coloured by keys: from part to part, and the best three of mine', async ({
  page,
}) => {
  await open(page, 'lighthouse-keeper');
  const row = page.getByRole('button', { name: /^Lighthouse, rock/ });
  await expect(row).toBeVisible();
  for (let steps = 0; (await row.getAttribute('aria-expanded')) !== 'true'; steps++) {
    expect(steps).toBeLessThan(30);
    await page.keyboard.press('ArrowDown');
  }
  const used = page.getByRole('list', { name: 'In the order they are used' });
  await expect(used.getByRole('listitem')).toHaveCount(3);
  await page.getByRole('button', { name: 'Take Stone 3 away' }).click();
  await saved(page);
  await expect(used.getByRole('listitem')).toHaveCount(2);
  await page.getByRole('heading', { name: /colours out of/ }).click();
  await page.keyboard.press('b');
  await saved(page);
  await expect(used.getByRole('listitem')).toHaveCount(3);
  await expect(page.getByText(/it will blend/)).toBeVisible();
  await page.keyboard.press('Control+z');
  await saved(page);
  await expect(used.getByRole('listitem')).toHaveCount(2);
});

test('a blend takes another reach by typing, and says what it may be where that is wrong', async ({
  page,
}) => {
  await open(page, 'lighthouse-keeper');
  await page.getByRole('button', { name: /^Dawn/ }).click();
  const to = page.getByLabel('to', { exact: true }).first();
  await to.fill('500');
  await to.press('Enter');
  await expect(page.getByText('It ends after it begins: 1 to 100.')).toBeVisible();
  await to.fill('50');
  await to.press('Enter');
  await saved(page);
  // The address keeps what is chosen.
  await page.reload();
  await expect(page.getByLabel('to', { exact: true }).first()).toHaveValue('50');
});

test('the card is seen on four other stocks, and takes one', async ({ page }) => {
  await open(page, 'lighthouse-keeper');
  await page.getByRole('button', { name: /^Dawn/ }).click();
  const stocks = page.getByRole('group', { name: 'On other stocks' }).getByRole('listitem');
  const others = stocks.getByRole('button');
  await expect(others).toHaveCount(4);
  const kraft = others.filter({ hasText: /kraft/ });
  const name = (await kraft.textContent()) ?? '?';
  await kraft.click();
  await saved(page);
  await expect(page.getByText(`on ${name}`)).toBeVisible();
});

test('grounds are laid by mouse, told apart before and after prints, and taken off again', async ({
  page,
}) => {
  await open(page, 'rain-day');
  const lay = page.getByRole('group', { name: 'Lay a ground' });
  await lay.getByRole('button', { name: 'Edges' }).click();
  await saved(page);
  const row = page.getByRole('button', { name: /^Edges ./ });
  await expect(row).toHaveAttribute('aria-expanded', 'true');
  await expect(page.getByLabel('laid over what is printed')).toBeChecked();
  await lay.getByRole('button', { name: 'Blend' }).click();
  await saved(page);
  await page.getByLabel('Which way it runs').selectOption('outward');
  await saved(page);
  const share = page.getByLabel('from, % across');
  await share.fill('120');
  await share.press('Enter');
  await expect(page.getByText('A share is from 0 to 100.')).toBeVisible();
  await share.fill('30');
  await share.press('Enter');
  await saved(page);
  await page.reload();
  await expect(page.getByLabel('from, % across')).toHaveValue('30');
  await page.getByRole('button', { name: 'Take Blend off' }).click();
  await saved(page);
  await expect(page.getByRole('button', { name: /^Blend/, expanded: true })).toHaveCount(0);
});

test('parts are picked out of the lines by keys, named, coloured and kept for other cards', async ({
  page,
}) => {
  await open(page, 'lighthouse-keeper');
  await page
    .getByRole('button', { name: /^Gull, outline/ })
    .first()
    .click();
  await page.keyboard.press('p');
  const areas = page.getByRole('group', { name: 'Areas to make a part of' });
  await areas.getByRole('button', { name: 'Area 9' }).press('Enter');
  await saved(page);
  await expect(page.getByRole('button', { name: 'Gull, part 1 not coloured yet' })).toBeVisible();
  await expect(page.getByText(/part 1 not coloured yet. Colour what is left/)).toBeVisible();
  const own = page.getByRole('group', { name: 'Areas of part 1' });
  await own.getByRole('button', { name: 'Area 6' }).press('Enter');
  await saved(page);
  await expect(own.getByRole('button', { pressed: true })).toHaveCount(2);
  const name = page.getByLabel('Name of the part');
  await name.fill('breast');
  await name.press('Enter');
  await saved(page);
  await page.getByRole('combobox', { name: 'Add a marker, pencil or pen' }).click();
  await page.keyboard.type('oat 1');
  await page.keyboard.press('Enter');
  await saved(page);
  const combination = page.getByLabel('Name of the combination');
  await combination.fill('Breast of oat');
  await combination.press('Enter');
  await saved(page);
  await page.getByRole('button', { name: 'Keep it in the stash' }).click();
  await expect(page.getByText('kept in the stash')).toBeVisible();
  await saved(page);
  await page.goto('/stash');
  await page.getByPlaceholder(/^name, colour/).fill('breast of oat');
  await page.getByRole('button', { name: 'Breast of oat' }).click();
  await expect(page.getByText('Oat 1')).toBeVisible();
  await expect(page.getByText(/^Used on Lighthouse keeper/)).toBeVisible();
});

test('a palette goes out as GPL and comes in unchanged; what is none is refused in a sentence', async ({
  page,
}) => {
  await open(page, 'lighthouse-keeper');
  const going = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Palette as GPL' }).click();
  const path = await (await going).path();
  const text = readFileSync(path, 'utf8');
  expect(text).toMatch(/^GIMP Palette\nName: Lighthouse keeper/);
  const file = page.getByLabel('A GPL palette');
  await file.setInputFiles({
    name: 'x.gpl',
    mimeType: 'text/plain',
    buffer: Buffer.from('name,colour'),
  });
  await expect(page.getByText('its first line has to be GIMP Palette')).toBeVisible();
  await file.setInputFiles(path);
  const palette = page.getByRole('group', { name: /^Palette Lighthouse keeper/ });
  await expect(palette.getByRole('listitem')).toHaveCount(text.trim().split('\n').length - 4);
  const again = page.waitForEvent('download');
  await palette.getByRole('button', { name: 'The same as GPL' }).click();
  expect(readFileSync(await (await again).path(), 'utf8')).toBe(text);
});

test('a colour that is not there is told with the nearest, and the card is redrawn in what is', async ({
  page,
}) => {
  await open(page, 'low-water');
  const missing = page.getByRole('region', { name: '1 colour not there' });
  await expect(missing).toContainText(/Lagoon 2 nearest: \w+ \d, (a little|much)? ?\w+/);
  await missing.getByRole('button', { name: 'Take what is there' }).click();
  await saved(page);
  await expect(missing).toHaveCount(0);
});

test('openings of a stencil take an ink of their own, by their numbers', async ({ page }) => {
  await open(page, 'low-water');
  await page.getByRole('button', { name: /^Wavelets/ }).click();
  await page.keyboard.press('p');
  await page.getByRole('button', { name: 'Opening 5', exact: true }).click();
  await page.getByRole('button', { name: 'Opening 6', exact: true }).click();
  await page.getByRole('combobox', { name: 'colour, out of what' }).click();
  await page.keyboard.type('rose hip');
  await page.keyboard.press('Enter');
  await saved(page);
  const row = page.getByRole('button', { name: 'Wavelets, openings 5, 6 Rose hip' });
  await expect(row).toBeVisible();
  await page.getByRole('button', { name: 'Ink them like the rest' }).click();
  await saved(page);
  await expect(row).toHaveCount(0);
});
