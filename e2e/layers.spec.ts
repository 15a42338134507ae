import { choose, expect, test, type Page, untilQuiet } from './nibwright';

async function openCopy(page: Page, card: string, query = '') {
  const response = await page.request.post(`/api/cards/${card}/copy`, { data: {} });
  const { id } = (await response.json()) as { id: string };
  await page.goto(`/card/${id}/base${query}`);
  await untilQuiet(page);
  return id;
}
const size = (page: Page) => page.getByLabel(/^Size of/);
const keep = async (page: Page, label: string, text: string) => {
  const field = page.getByLabel(label, { exact: true }).first();
  await field.fill(text);
  await field.press('Enter');
};

test('mats are built outward round a panel, and the base is chosen last', async ({ page }) => {
  await openCopy(page, 'one-button');
  await page.keyboard.press('a');
  await page.getByRole('button', { name: 'Own size' }).click();
  await keep(page, 'width', '3 1/8');
  await keep(page, 'height', '4 3/8');
  for (const [border, outer] of [
    ['1/16', '3 1⁄4 × 4 1⁄2'],
    ['1/8', '3 1⁄2 × 4 3⁄4'],
  ] as const) {
    await page.keyboard.press('r');
    await keep(page, 'all round', border);
    await expect(size(page)).toHaveText(outer);
  }
  await page.getByRole('button', { name: /^A Base/ }).click();
  await page.getByLabel(/^Formats Mat B fits on/).selectOption({ index: 1 });
  await expect(page.getByLabel('Format', { exact: true })).not.toHaveValue('a2');
  await page.keyboard.press('Control+z');
  await expect(page.getByLabel('Format', { exact: true })).toHaveValue('a2');
});

test('a piece takes its size from a die, and dies are added to the stash', async ({ page }) => {
  await openCopy(page, 'lighthouse-keeper', '?piece=cove-panel');
  await expect(size(page)).toHaveText('4 3⁄4 × 4 3⁄4');
  const dies = page.getByLabel('Die of the set');
  await expect(dies.locator('option').nth(2)).toHaveText('3: 4 1⁄2 × 4 1⁄2, border 1⁄4');
  await dies.selectOption({ index: 2 });
  await expect(size(page)).toHaveText('4 1⁄2 × 4 1⁄2');
  await choose(page.getByLabel('Set of dies'), 'Add nested dies…');
  const dialog = page.getByRole('dialog', { name: 'Add nested dies' });
  await dialog.getByRole('button', { name: 'Add the dies' }).click();
  await expect(dialog.getByRole('alert')).toContainText('The set has no name');
  await dialog.getByLabel('Name').fill('Pebble ovals');
  await dialog.getByLabel(/^Sizes/).fill('2 x 3\n3 x banana');
  await dialog.getByRole('button', { name: 'Add the dies' }).click();
  await expect(dialog.getByRole('alert')).toContainText('“3 x banana”');
  await dialog.getByLabel(/^Sizes/).fill('2 x 3\n3 x 4');
  await dialog.getByRole('button', { name: 'Add the dies' }).click();
  await expect(size(page)).toHaveText('3 × 4');
  await page.getByLabel('turned').check();
  await expect(size(page)).toHaveText('4 × 3');
});

test('a trimmed panel says before and after, and what is left of one stamped aslant', async ({
  page,
}) => {
  await openCopy(page, 'terminus', '?piece=skyline-panel');
  await expect(page.getByText('cut 8 1⁄4 × 5 1⁄4 before, 8 × 5 after')).toBeVisible();
  await page.getByLabel('decorated aslant by').fill('x');
  await expect(page.getByText('Degrees are a figure')).toBeVisible();
  await page.getByLabel('decorated aslant by').fill('1');
  await expect(page.getByText(/^at most .* is left straight$/)).toBeVisible();
  await page.getByRole('button', { name: 'Trim to that' }).click();
  await expect(size(page)).toHaveText(/^≈/);
  await page.getByRole('link', { name: /^Sheet/ }).click();
  await expect(page.getByRole('article')).toContainText('and decorate, then trim off');
});

test('a cut-out middle is recovered, or told to be impossible', async ({ page }) => {
  await openCopy(page, 'depot', '?piece=broad-mat');
  await expect(page.getByText('recovers')).toContainText(/recovers/);
  await keep(page, 'rim', '60 mm');
  await expect(page.getByText('leaves no middle to cut out')).toBeVisible();
  await page.keyboard.press('e');
  await expect(page.getByText('leaves no middle to cut out')).toHaveCount(0);
});

test('layers are copied, turned off, grouped and put on another face', async ({ page }) => {
  await openCopy(page, 'harbour-gate', '?piece=boat-panel');
  await expect(page.getByText('D on the left flap')).toBeVisible();
  await page.getByLabel('crosses the middle, glued to').selectOption({ label: 'the right flap' });
  await expect(page.getByText('D on the right flap')).toBeVisible();
  await page.keyboard.press('d');
  await expect(page.getByLabel(/^Name of/)).toHaveValue('Boat panel (copy)');
  await page.keyboard.press('o');
  await expect(size(page)).toHaveText('turned off');
  await expect(page.getByRole('link', { name: /^Sheet/ })).toContainText('5 to cut');
  await page.keyboard.press('o');
  await page.getByLabel(/^What . lies on/).selectOption({ label: 'the back' });
  await expect(page.getByText('scores on the left and right')).toBeVisible();
  await page.getByLabel('Group of F').fill('boats');
  await page.getByLabel('Group of F').press('Enter');
  await page.keyboard.press('Control+z');
  await page.keyboard.press('Control+z');
  await expect(page.getByLabel(/^What . lies on/)).toHaveValue('face front');
});

test('a rule is switched off for one card, and for all new ones', async ({ page }) => {
  await openCopy(page, 'last-tram-home', '?piece=night-panel');
  await expect(page.getByText('1⁄4 at the sides, 1⁄8 at top and bottom')).toBeVisible();
  await page.getByRole('button', { name: 'Habits' }).click();
  await page.getByLabel('borders that differ').uncheck();
  await page.getByRole('button', { name: 'Close' }).click();
  await expect(page.getByText('Nothing to mend on this card.')).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(page.getByText('1⁄4 at the sides, 1⁄8 at top and bottom')).toBeVisible();

  await page.goto('/team');
  await untilQuiet(page);
  await page.getByLabel('Rim left of a cut-out mat').fill('3/4 q');
  await expect(page.getByRole('alert')).toContainText('does not belong in a figure');
  await page.getByLabel('Rim left of a cut-out mat').fill('3/4');
  await page.getByLabel('Rim left of a cut-out mat').press('Enter');
  await expect(page.getByText(/^Saved \d/)).toBeVisible();
  await page.reload();
  await expect(page.getByLabel('Rim left of a cut-out mat')).toHaveValue('3/4');
});
