import { choose, copyOf, expect, newPage, test, type Page, untilQuiet } from './nibwright';

async function open(page: Page, path: string) {
  await page.goto(path);
  await untilQuiet(page);
}

async function openCopy(page: Page, card: string, query = '') {
  const id = await copyOf(page, card);
  await open(page, `/card/${id}/base${query}`);
  return id;
}
const size = (page: Page) => page.getByLabel(/^Size of/);
const isSaved = (page: Page) => expect(page.locator('[data-save-state=saved]')).toBeVisible();

test('wrong input gets a sentence, changes nothing and loses nothing', async ({ page }) => {
  await openCopy(page, 'bean-poles', '?piece=dark-mat');
  const field = page.getByLabel('all round');
  await field.fill('1/8 q');
  await expect(page.getByRole('alert')).toContainText('“q” does not belong in a figure');
  await expect(size(page)).toHaveText('3 × 4 1⁄4');
  await field.press('Enter');
  await expect(field).toHaveValue('1/8 q');
  await field.press('Escape');
  await expect(field).toHaveValue('3/16');
  await field.fill('3');
  await field.press('Enter');
  await expect(page.getByText('comes out with no width')).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByText('comes out with no width')).toHaveCount(0);
  await expect(size(page)).toHaveText('3 × 4 1⁄4');
});

test('undo and redo walk back and forth by keys, and the result is what is kept', async ({
  page,
}) => {
  await openCopy(page, 'bean-poles', '?piece=dark-mat');
  const field = page.getByLabel('all round');
  await field.fill('1/4');
  await field.press('Enter');
  await expect(size(page)).toHaveText('2 7⁄8 × 4 1⁄8');
  await page.keyboard.press('Control+z');
  await expect(size(page)).toHaveText('3 × 4 1⁄4');
  await page.keyboard.press('Control+Shift+z');
  await expect(size(page)).toHaveText('2 7⁄8 × 4 1⁄8');
  await isSaved(page);
  await page.reload();
  await expect(size(page)).toHaveText('2 7⁄8 × 4 1⁄8');
});

test('a slimline shows the uneven border and the two ways to even it, each one key', async ({
  page,
}) => {
  await openCopy(page, 'last-tram-home', '?piece=night-panel');
  await expect(page.getByText('1⁄4 at the sides, 1⁄8 at top and bottom')).toBeVisible();
  await page.keyboard.press('w');
  await expect(size(page)).toHaveText('8 1⁄4 × 3 1⁄4');
  await page.keyboard.press('Control+z');
  await page.keyboard.press('e');
  await expect(size(page)).toHaveText('8 × 3');
  await expect(page.getByText('Nothing to mend on this card.')).toBeVisible();
});

test('a move tells the sizes it changed, and one key keeps the former ones', async ({ page }) => {
  await openCopy(page, 'bean-poles', '?piece=dark-mat');
  await page.keyboard.press('Alt+ArrowUp');
  const notice = page.getByText('New sizes by the move:');
  await expect(notice).toContainText('Dark mat 3 × 4 1⁄4 → 2 7⁄8 × 4 1⁄8');
  await page.keyboard.press('k');
  await expect(size(page)).toHaveText('3 × 4 1⁄4');
});

test('keys pressed without a pause all find their place', async ({ page }) => {
  await openCopy(page, 'rain-day');
  await page.getByRole('button', { name: /^. Mat/ }).click();
  for (let layer = 0; layer < 6; layer++) {
    await page.keyboard.press('a');
    await page.keyboard.type('1/32');
    await page.keyboard.press('Enter');
  }
  await expect(size(page)).toHaveText('4 7⁄8 × 3 5⁄8');
});

test('rows are dragged past one another', async ({ page }) => {
  await openCopy(page, 'bean-poles');
  const row = (name: string) => page.getByRole('button', { name: new RegExp(`^. ${name}`) });
  await expect(row('Top panel')).toHaveText(/^E/);
  const from = await row('Top panel').boundingBox();
  const to = await row('Bean row paper').boundingBox();
  if (!from || !to) throw new Error('no rows to drag');
  await page.mouse.move(from.x + 60, from.y + 18);
  await page.mouse.down();
  await page.mouse.move(to.x + 60, to.y + 24, { steps: 12 });
  await page.mouse.up();
  await expect(row('Top panel')).toHaveText(/^B/);
  await expect(row('Bean row paper')).toHaveText(/^C/);
});

test('keys walk the rows, turn the card, swap the unit and go to the stations', async ({
  page,
}) => {
  await openCopy(page, 'bean-poles');
  await page.keyboard.press('ArrowUp');
  await expect(page).toHaveURL(/piece=bean-row-paper/);
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('all round')).toBeFocused();
  await page.keyboard.press('ArrowUp');
  await expect(page.getByLabel('all round')).toHaveValue('3/16');
  await page.keyboard.press('Escape');
  await expect(page.getByLabel('all round')).toHaveValue('1/8');
  await page.keyboard.press('Escape');
  await page.keyboard.press('u');
  await expect(size(page)).toHaveText('≈ 101.6 × 133.4');
  await page.keyboard.press('u');
  await page.keyboard.press('f');
  await expect(page.getByText('score on the right')).toBeVisible();
  await page.keyboard.press('8');
  await expect(page).toHaveURL(/\/sheet/);
  await page.goBack();
  await expect(page).toHaveURL(/\/base\?piece=bean-row-paper/);
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog', { name: 'Keys' })).toBeVisible();
  await page.getByLabel(/Single keys are on/).uncheck();
  await page.keyboard.press('Escape');
  await page.keyboard.press('8');
  await expect(page).toHaveURL(/\/base/);
});

test('format, stand, fold and stock are changed where they are read', async ({ page }) => {
  await openCopy(page, 'bean-poles');
  const block = page.getByRole('region', { name: 'Title block' });
  await block.getByLabel('Format').selectOption('slimline');
  await block.getByLabel('Stands').selectOption('lying');
  await block.getByLabel('Fold').selectOption('tent');
  await expect(size(page)).toHaveText('8 1⁄2 × 3 1⁄2');
  await expect(page.getByText('Cut the blank 8 1⁄2 × 7 in')).toBeVisible();
  await block.getByLabel('Format').selectOption('custom');
  await block.getByLabel('Card width').fill('5');
  await expect(size(page)).toHaveText('5 × 3 1⁄2');
  await block.getByLabel('Card width').press('Enter');
  await choose(block.getByLabel('Base stock'), 'Add a stock…');
  const dialog = page.getByRole('dialog', { name: 'Add a stock to the stash' });
  await dialog.getByRole('button', { name: 'Add the stock' }).click();
  await expect(dialog.getByRole('alert')).toContainText('The stock has no name');
  await dialog.getByLabel('Name').fill('Quince 270 g');
  await dialog.getByLabel('Weight').fill('270');
  await dialog.getByRole('button', { name: 'Add the stock' }).click();
  await expect(block.getByLabel('Base stock')).toHaveText('Quince 270 g');
  await isSaved(page);
});

test('two people who change the same piece: the second chooses, and nothing is lost', async ({
  browser,
}) => {
  const [first, second] = await Promise.all([newPage(browser), newPage(browser)]);
  // The second hears of nothing, as where two change the same within the same moment.
  await second.route('**/api/events?*', (route) => route.abort());
  const id = await openCopy(first, 'bean-poles', '?piece=dark-mat');
  await open(second, `/card/${id}/base?piece=dark-mat`);
  const change = async (page: Page, reveal: string) => {
    await page.getByLabel('all round').fill(reveal);
    await page.getByLabel('all round').press('Enter');
  };
  await change(first, '1/4');
  await isSaved(first);
  await change(second, '3/8');
  const dialog = second.getByRole('dialog', { name: 'Someone else changed this card too' });
  await expect(dialog).toBeVisible();
  await second.keyboard.press('Escape');
  await expect(dialog.getByRole('alert')).toContainText('nothing is lost');
  await dialog.getByRole('button', { name: 'Keep mine as a copy' }).click();
  await second.waitForURL((url) => !url.pathname.includes(id));
  await expect(second.getByRole('heading', { name: '(copy) (copy)' })).toBeAttached();
  await second.getByRole('button', { name: /^D Dark mat/ }).click();
  await expect(size(second)).toHaveText('2 5⁄8 × 3 7⁄8');
  await first.reload();
  await expect(size(first)).toHaveText('2 7⁄8 × 4 1⁄8');
});

test('two people who change different pieces both keep what they did', async ({ browser }) => {
  const [first, second] = await Promise.all([newPage(browser), newPage(browser)]);
  const id = await openCopy(first, 'bean-poles', '?piece=mat');
  await open(second, `/card/${id}/base?piece=liner`);
  await first.getByLabel('all round').fill('1/4');
  await first.getByLabel('all round').press('Enter');
  await isSaved(first);
  await second.getByLabel('all round').fill('1/8');
  await second.getByLabel('all round').press('Enter');
  await isSaved(second);
  await expect(second.getByRole('button', { name: /^C Mat/ })).toContainText('3 1⁄2 × 4 3⁄4');
});

test('no answer from the server is said, and what was typed is saved when it answers again', async ({
  page,
}) => {
  const id = await openCopy(page, 'bean-poles', '?piece=dark-mat');
  await page.route('**/edits', (route) => route.abort());
  await page.getByLabel('all round').fill('1/4');
  await page.getByLabel('all round').press('Enter');
  await expect(page.getByText('Not saved: no answer, trying again')).toBeVisible();
  await page.unroute('**/edits');
  await isSaved(page);
  await open(page, `/card/${id}/base?piece=dark-mat`);
  await expect(size(page)).toHaveText('2 7⁄8 × 4 1⁄8');
});

test('a release is added from the card, and the card stands on its ledge', async ({ page }) => {
  const id = await openCopy(page, 'marrow-prize');
  await page.getByLabel('Release', { exact: true }).selectOption('+');
  const dialog = page.getByRole('dialog', { name: 'Add a release' });
  await dialog.getByRole('button', { name: 'Add the release' }).click();
  await expect(dialog.getByRole('alert')).toContainText('The release has no name');
  await dialog.getByLabel('Name').fill('Harbour Steps');
  await dialog.getByLabel('On sale').fill('2027-05-08');
  await dialog.getByRole('button', { name: 'Add the release' }).click();
  await expect(page.getByLabel('Release', { exact: true })).toContainText(
    'Harbour Steps, on sale 8 May 2027',
  );
  await isSaved(page);
  await open(page, '/');
  await page.getByLabel('Find a card').fill('harbour steps');
  const ledge = page.getByRole('list', { name: 'Harbour Steps' });
  await expect(ledge.locator(`[data-card="${id}"]`)).toBeVisible();
});

test('a layer is named, noted and removed, and what lay on it comes down', async ({ page }) => {
  await openCopy(page, 'bean-poles', '?piece=dark-mat');
  await page.getByLabel('Name of D').fill('Coal mat');
  await page.getByLabel('Name of D').press('Enter');
  await page.getByLabel('Note on D').fill('tear the lower edge');
  await page.getByLabel('Note on D').press('Enter');
  await page.getByRole('link', { name: /^Sheet/ }).click();
  const sheet = page.getByRole('article', { name: 'Project sheet' });
  await expect(sheet.getByRole('row').filter({ hasText: 'Coal mat' })).toContainText(
    'tear the lower edge',
  );
  await page.goBack();
  await page.getByRole('button', { name: 'Remove D' }).click();
  await expect(
    page.getByText('New sizes by the move: Top panel 2 7⁄8 × 4 1⁄8 → 3 1⁄4 × 4 1⁄2'),
  ).toBeVisible();
  await expect(page.getByRole('button', { name: /^D Top panel/ })).toBeVisible();
});
