import { saved } from './layoutPage';
import { copyOf, expect, test, type Page } from './nibwright';

const line = (page: Page) => page.getByRole('contentinfo');
const ticket = (page: Page) => page.getByRole('region', { name: 'Route banner, panel' });
const field = (page: Page, name: string) => ticket(page).getByRole('combobox', { name });

async function openBanner(page: Page): Promise<string> {
  const id = await copyOf(page, 'number-nine');
  await page.goto(`/card/${id}/layout`);
  await expect(page.getByRole('group', { name: /to scale/ })).toBeVisible();
  await page
    .getByRole('button', { name: /Route banner/ })
    .first()
    .click();
  await expect(ticket(page)).toContainText('Held by liquid glue');
  return id;
}

test('a banner over a lifted strip is levelled, by mouse, and its sheet says by what it is stuck', async ({
  page,
}) => {
  const id = await openBanner(page);
  await ticket(page).getByRole('button', { name: 'Hold it alike there, 1' }).click();
  // Foam all over: it lies on the strip, and the foam beside it stands off the paper.
  await expect(field(page, 'Over what, 1')).toHaveCount(0);
  await field(page, 'Glued with').selectOption('tape');
  await expect(line(page)).toContainText('Route banner D lies partly on Lamp strip C');
  await line(page).getByRole('button', { name: 'Level it with foam' }).click();
  await expect(field(page, 'Over what, 1')).toHaveValue(/./);
  await expect(field(page, 'By what, 1')).toHaveValue('liquid');
  await expect(ticket(page)).toContainText('2 mm above what it lies on');
  await expect(line(page)).not.toContainText('lies partly on');
  await saved(page);
  await page.goto(`/card/${id}/sheet`);
  await expect(page.getByRole('article')).toContainText('foam sheet, but liquid glue over C');
  const foam = await page.request.get(`/api/cards/${id}/foam.svg`);
  expect(await foam.text()).toContain('D Route banner');
});

test('by keys alone: squares laid one by one, a wrong figure refused, all of it held by nothing, undone', async ({
  page,
}) => {
  await openBanner(page);
  await page.keyboard.press('Escape');
  await page.locator('body').press('j');
  await expect(field(page, 'Where, 2')).toBeFocused();
  await field(page, 'Where, 2').selectOption('places');
  const left = ticket(page).getByRole('textbox', { name: 'from the left, 1' });
  await left.focus();
  await page.keyboard.press('ControlOrMeta+a');
  await page.keyboard.type('wide');
  await page.keyboard.press('Enter');
  await expect(ticket(page).getByRole('alert')).toBeVisible();
  await page.keyboard.press('Escape');
  await page.keyboard.press('ControlOrMeta+a');
  await page.keyboard.type('2');
  await page.keyboard.press('Enter');
  await field(page, 'By what, 2').selectOption('foam');
  await expect(ticket(page)).toContainText('foam squares (1)');
  await field(page, 'Where, 2').selectOption('all');
  await field(page, 'By what, 2').selectOption('none');
  await expect(ticket(page)).toContainText('Nothing holds it.');
  await expect(line(page)).toContainText('Nothing holds Route banner D');
  await page.keyboard.press('ControlOrMeta+z');
  await expect(ticket(page)).not.toContainText('Nothing holds it.');
  await saved(page);
});
