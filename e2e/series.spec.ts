import { copyOf, expect, test, type Page } from './nibwright';

/** Opens the series of a copy of a card by its key. */
const open = async (page: Page, card: string) => {
  await page.goto(`/card/${await copyOf(page, card)}/colour`);
  await expect(page.getByRole('button', { name: 'Series…' })).toBeVisible();
  await page.keyboard.press('s');
  await expect(page.getByRole('heading', { name: /^Series:/ })).toBeVisible();
};

test('a table of words and stocks becomes cards that stand together and are bought as one batch', async ({
  page,
}) => {
  await open(page, 'row-markers');
  await page.getByLabel('Name', { exact: true }).fill('Row markers and others');
  await page.getByLabel('Other words', { exact: true }).fill('well done\nsafe / home');
  await page.getByRole('combobox', { name: 'Add a stock' }).click();
  await page.keyboard.type('marrow');
  await page.keyboard.press('Enter');
  const cells = page.getByRole('region', { name: 'The cards of the series' });
  await expect(cells.getByRole('checkbox')).toHaveCount(5);
  await cells.getByRole('checkbox', { name: /safe home, Marrow/ }).uncheck();
  await page.getByRole('button', { name: 'Make 4 cards' }).click();

  // The design is one of them, and the address shows them alone.
  await expect(page).toHaveURL(/\?series=/);
  const cards = page.getByRole('main').locator('[data-card]');
  await expect(cards).toHaveCount(5);
  await expect(page.getByText('Row markers and others, series of 5').first()).toBeVisible();
  await page
    .getByRole('link', { name: 'Buying list of the series Row markers and others' })
    .click();
  await expect(page.getByRole('heading', { name: /^5 cards/ })).toBeVisible();
});

test('a series is made by keys alone, and says what is amiss before', async ({ page }) => {
  await open(page, 'last-tram-home');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('alert')).toHaveText(/nothing to make yet/);
  const sentiment = page.getByRole('combobox', { name: 'Add a sentiment' });
  await sentiment.focus();
  await page.keyboard.type('thank');
  await expect(page.getByRole('option', { name: /^Thank you/ }).first()).toBeVisible();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: 'Make 1 card' })).toBeVisible();
  const name = page.getByLabel('Name', { exact: true });
  await name.fill(' ');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('alert')).toHaveText(/needs a name/);
  await name.fill('Night greetings');
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/\?series=/);
  await expect(page.getByText('Night greetings, series of 2')).toBeVisible();
  // A card can be taken out of its series again.
  await page.getByRole('link', { name: /^Last tram home \(copy\): / }).click();
  await page.getByRole('link', { name: /^Sheet/ }).click();
  await page.getByRole('button', { name: 'Take it out' }).click();
  await expect(page.getByText(/^Saved/)).toBeVisible();
  await expect(page.getByText('One of the series')).toHaveCount(0);
});
