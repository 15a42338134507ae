import { openLayout, saved } from './layoutPage';
import { copyOf, expect, test, type Page } from './nibwright';

const ticket = (page: Page) => page.getByRole('region', { name: /^Ribbon, / });
const field = (page: Page, name: string) =>
  ticket(page).getByRole('textbox', { name, exact: true });
const choose = (page: Page, name: string) => ticket(page).getByRole('combobox', { name });

test('a ribbon is put round a panel by keys, tied in a bow, and its length told as it is typed', async ({
  page,
}) => {
  await openLayout(page, 'pantry-shelf');
  await page.keyboard.press('r');
  await expect(ticket(page)).toContainText('Cut it');
  await choose(page, 'How it goes').selectOption('round');
  await choose(page, 'What it ends in').selectOption('bow');
  await field(page, 'takes').fill('12 cm');
  await field(page, 'takes').press('Enter');
  await expect(ticket(page)).toContainText(/4.23⁄32 in the bow/);
  await field(page, 'each tail').fill('so long');
  await field(page, 'each tail').press('Enter');
  await expect(ticket(page).getByRole('alert')).toBeVisible();
  await field(page, 'each tail').press('Escape');
  await expect(ticket(page)).toContainText(/2 in its tails/);
  await saved(page);
  await page.reload();
  await expect(page.getByRole('group', { name: /to scale/ })).toBeVisible();
  await expect(field(page, 'takes')).toHaveValue('12 cm');
  await page.keyboard.press('Delete');
  await expect(ticket(page)).toBeHidden();
});

test('the bow card is told with its sum and its class, and brought back by one key', async ({
  page,
}) => {
  const id = await copyOf(page, 'parcel-on-the-step');
  await page.goto(`/card/${id}/post`);
  const tab = page.getByRole('link', { name: /^Post/ });
  await expect(tab).toContainText(/7\.2 mm, \d+ g/);
  const sum = page.getByRole('table', { name: /^Highest/ });
  await expect(sum).toContainText(/bow of Ribbon\s*4/);
  await expect(sum).toContainText(/in all\s*7\.2/);
  const bar = page.getByRole('contentinfo');
  await expect(bar).toContainText('It does not go as Letter, not machinable, United States');
  await expect(bar.getByRole('button', { name: /^A flat bow, 4\.4 mm/ })).toBeVisible();
  await expect(
    bar.getByRole('button', { name: /^The bow 3 .* from the left, 5\.4 mm/ }),
  ).toBeVisible();
  await page.keyboard.press('e');
  await expect(tab).toContainText(/5\.4 mm, \d+ g/);
  await expect(bar).not.toContainText('It does not go as');
  // What was proposed for it goes with it.
  await expect(bar.getByRole('button', { name: /4\.4 mm$/ })).toHaveCount(0);
  await expect(bar.getByRole('button', { name: 'Tie a flat bow' })).toHaveCount(1);
  await saved(page);
  const sheet = await page.request.get(`/api/cards/${id}/sheet.md`);
  expect(await sheet.text()).toMatch(
    /\*\*Ribbon\*\*.*wrapped round, with a bow .* from the left; cut/,
  );
});
