import { readFileSync } from 'node:fs';
import { expect, test, type Page } from './nibwright';

async function openStash(page: Page) {
  await page.goto('/stash');
  await expect(page.getByRole('table', { name: 'Stash' })).toBeVisible();
  // The page answers once its script runs.
  await expect(async () => {
    await page.keyboard.press('?');
    await expect(page.getByRole('dialog')).toBeVisible({ timeout: 500 });
  }).toPass();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toHaveCount(0);
}
const search = (page: Page) => page.getByLabel('Search the stash');
const csv = (name: string, text: string) => ({
  name,
  mimeType: 'text/csv',
  buffer: Buffer.from(text),
});

test('a count is set where it is read, kept, and undone', async ({ page }) => {
  await openStash(page);
  await page.keyboard.press('/');
  await page.keyboard.type('tin buttons');
  const count = page.getByLabel('Tin buttons 9 mm in the stash');
  const before = await count.inputValue();
  await count.fill('7');
  await count.press('Enter');
  await expect(page.getByRole('button', { name: 'Undo' })).toBeEnabled();
  await page.reload();
  await search(page).fill('tin buttons');
  await expect(count).toHaveValue('7');
  await count.fill('many');
  await count.press('Enter');
  await expect(page.getByRole('alert')).toContainText('A number from 0');
  await count.press('Escape');
  await count.fill(before);
  await count.press('Enter');
  await expect(page.getByRole('button', { name: 'Undo' })).toBeEnabled();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(count).toHaveValue('7');
});

test('a paper is added, weighed in pounds, given leftovers, and taken out again', async ({
  page,
}) => {
  await openStash(page);
  await page.keyboard.press('a');
  const dialog = page.getByRole('dialog');
  await dialog.getByRole('button', { name: 'Add it' }).click();
  await expect(dialog.getByRole('alert')).toContainText('A name has 1 to 60 characters');
  await dialog.getByLabel('Name').fill('Quince card');
  await dialog.getByLabel('Weight').fill('80 lb cover');
  await dialog.getByLabel('Weight').press('Tab');
  await dialog.getByRole('button', { name: 'Add it' }).click();
  await expect(dialog).toHaveCount(0);
  await expect(search(page)).toHaveValue('Quince card');
  await expect(page.getByText('80 lb cover, 216 g', { exact: false })).toBeVisible();
  await expect(page.getByText('not counted')).toBeVisible();
  await page.getByLabel('A leftover of Quince card').fill('3 of nothing');
  await page.getByRole('button', { name: 'Put by' }).click();
  await expect(page.getByRole('alert')).toContainText('A leftover is a size');
  await page.getByLabel('A leftover of Quince card').fill('3 of 4 x 8 1/2');
  await page.getByRole('button', { name: 'Put by' }).click();
  await expect(page.getByText('3 pieces')).toBeVisible();
  await page.getByLabel('Weight').fill('99 stone');
  await page.getByLabel('Weight').press('Enter');
  await expect(page.getByRole('alert')).toContainText('Weight is 30 to 1000 g');
  await page.getByLabel('Weight').press('Escape');
  await page.getByRole('button', { name: 'Take out of the stash' }).click();
  await expect(page.getByText('Nothing of the stash is like that.')).toBeVisible();
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('button', { name: 'Quince card' })).toBeVisible();
});

test('a CSV file is looked through first: good rows come in, bad ones say why', async ({
  page,
}) => {
  await openStash(page);
  await page.getByRole('button', { name: 'Import CSV' }).click();
  const dialog = page.getByRole('dialog');
  const file = dialog.getByLabel('CSV file');
  await file.setInputFiles(csv('wrong.csv', 'a;b\n1;2\n'));
  await expect(dialog.getByRole('alert')).toContainText('name the columns');
  await file.setInputFiles(
    csv(
      'stash.csv',
      'kind,name,ink,colour,count\nink,Medlar ink,dye,#7a4a2a,1\nink,Bad ink,dye,brownish,-1\n',
    ),
  );
  await expect(dialog.getByText('1 new, 0 changed, 0 as they are, 1 left out:')).toBeVisible();
  await expect(
    dialog.getByText('Colour is a colour such as #5c2e4b, a name such as teal', { exact: false }),
  ).toBeVisible();
  await dialog.getByRole('button', { name: 'Take in 1 row' }).click();
  await expect(dialog).toHaveCount(0);
  await search(page).fill('medlar');
  await expect(page.getByRole('button', { name: 'Medlar ink' })).toBeVisible();
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Export CSV' }).click(),
  ]);
  expect(readFileSync(await download.path(), 'utf8')).toContain('Medlar ink');
});

test('a thousand things are searched at once, and only those in sight are drawn', async ({
  page,
}) => {
  await openStash(page);
  const rows = Array.from({ length: 1000 }, (_, at) => `ink,Thousand ${at},dye,#5c2e4b,${at % 7}`);
  await page.getByRole('button', { name: 'Import CSV' }).click();
  await page
    .getByRole('dialog')
    .getByLabel('CSV file')
    .setInputFiles(csv('many.csv', ['kind,name,ink,colour,count', ...rows].join('\n')));
  await page.getByRole('button', { name: 'Take in 1000 rows' }).click();
  await expect(page.getByRole('dialog')).toHaveCount(0, { timeout: 30_000 });
  await search(page).fill('thousand 77');
  await expect(page.getByText(/^19 of /)).toBeVisible();
  await search(page).fill('thousand');
  await expect(page.getByText(/^1000 of /)).toBeVisible();
  expect(await page.locator('[data-index]').count()).toBeLessThan(60);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByText(/^0 of /)).toBeVisible({ timeout: 30_000 });
});

test('the buying list of a release cuts its cards together and tells what is lacking', async ({
  page,
}) => {
  await page.goto('/');
  await page.getByRole('link', { name: 'Buying list of Allotment Row' }).click();
  const list = page.getByRole('article', { name: 'Buying list' });
  await expect(list.getByRole('heading')).toContainText(/\d+ cards/);
  await expect(list.getByText('Chalk 300 g')).toBeVisible();
  const chalk = list.locator('tr', { hasText: /^Chalk 300 g/ }).first();
  // Cards of other tests push this one below what is drawn of the list.
  const find = page.getByLabel('Find a card');
  await find.fill('Shed door');
  const copies = page.getByLabel('Copies of Shed door', { exact: true });
  await copies.fill('900');
  await copies.press('Enter');
  await expect(chalk).toContainText(/\d+ \S+ sheets/);
  // The last cell but one of a supply tells how much of it is lacking.
  const covered = list.getByRole('row').filter({ has: page.locator('td:nth-last-child(2):empty') });
  expect(await covered.count()).toBeGreaterThan(0);
  await list.getByLabel('Only what is lacking').check();
  await expect(chalk).toBeVisible();
  await expect(covered).toHaveCount(0);
  await find.fill('');
  await page.getByLabel('Allotment Row').uncheck();
  await expect(list.getByText('Nothing is chosen yet.', { exact: false })).toBeVisible();
});
