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
  const others = page.getByRole('group', { name: 'On other stocks' }).getByRole('button');
  await expect(others).toHaveCount(4);
  const kraft = others.filter({ hasText: /kraft/ });
  const name = (await kraft.textContent()) ?? '?';
  await kraft.click();
  await saved(page);
  await expect(page.getByText(`on ${name}`)).toBeVisible();
});
