import { copyOf, expect, test, type Page } from './nibwright';

const revision = (page: Page) => page.getByRole('link', { name: /^Revision/ });

test('a stock is found by a part of its name, chosen by Enter and left by Escape', async ({
  page,
}) => {
  await page.goto(`/card/${await copyOf(page, 'rain-day')}/base`);
  const block = page.getByRole('region', { name: 'Title block' });
  const stock = block.getByRole('combobox', { name: 'Base stock' });
  const before = await revision(page).textContent();
  await expect(stock).toMatchAriaSnapshot('- combobox "Base stock": Chalk 300 g');
  await stock.focus();
  await page.keyboard.press('ArrowDown');
  const list = page.getByRole('dialog', { name: 'Base stock' });
  await expect(list.getByRole('combobox', { name: 'Find by name' })).toBeFocused();
  await expect(list.getByRole('option', { name: 'Chalk 300 g' })).toHaveAttribute(
    'aria-selected',
    'true',
  );
  await page.keyboard.type('zebra');
  await expect(list).toContainText('Nothing is called so.');
  await page.keyboard.press('Escape');
  await expect(list).toHaveCount(0);
  await expect(stock).toBeFocused();
  expect(await revision(page).textContent()).toBe(before);
  // What is typed on the button is looked for at once, one slip allowed for.
  await page.keyboard.type('damsn');
  await expect(list.getByRole('option')).toHaveCount(1);
  await page.keyboard.press('Enter');
  await expect(stock).toHaveText('Damson 300 g');
  await expect(stock).toBeFocused();
});

test('a native list opens by its keys and changes once', async ({ page }) => {
  await page.goto(`/card/${await copyOf(page, 'rain-day')}/base`);
  const fold = page.getByRole('combobox', { name: 'Fold', exact: true });
  const before = Number(/\d+/.exec((await revision(page).textContent()) ?? '')?.[0]);
  await fold.focus();
  await page.keyboard.press('ArrowDown');
  await expect(fold).toHaveValue('side');
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('ArrowDown');
  await expect(fold).toHaveValue('side');
  await page.keyboard.press('Enter');
  await expect(fold).toHaveValue('gate');
  await expect(revision(page)).toHaveText(`Revision ${before + 1}`);
});

test('a dialog keeps the focus inside and gives it back, whatever opened it', async ({ page }) => {
  await page.goto('/card/rain-day/layout');
  const opener = page.getByRole('button', { name: 'Keys' });
  await opener.focus();
  await page.keyboard.press('Enter');
  const dialog = page.getByRole('dialog', { name: 'Keys' });
  await expect(dialog).toMatchAriaSnapshot(`
    - dialog "Keys":
      - heading "Keys" [level=2]
      - checkbox "Single keys are on (they rest while you type in a field)" [checked]
      - button "Close"
  `);
  for (let press = 0; press < 5; press++) {
    await page.keyboard.press('Tab');
    await expect(dialog.locator(':focus')).toHaveCount(1);
  }
  await page.keyboard.press('Escape');
  await expect(dialog).toHaveCount(0);
  await expect(opener).toBeFocused();
});

test('a dialog that is asked for before its script is there opens when it has come', async ({
  page,
}) => {
  let release = () => {};
  const held = new Promise<void>((resolve) => {
    release = resolve;
  });
  await page.route(/\/_astro\/popups\..*\.js$/, async (route) => {
    await held;
    await route.continue();
  });
  await page.goto('/card/rain-day/base');
  await page.getByRole('button', { name: 'Keys' }).click();
  await expect(page.getByRole('dialog')).toHaveCount(0);
  release();
  await expect(page.getByRole('dialog', { name: 'Keys' })).toBeVisible();
});

test('where the script of the popups does not come, a sentence says so and the card goes on', async ({
  page,
}) => {
  await page.route(/\/_astro\/popups\..*\.js$/, (route) => route.abort());
  await page.goto(`/card/${await copyOf(page, 'rain-day')}/base`);
  await page.getByRole('button', { name: 'Keys' }).click();
  await expect(page.getByRole('alert')).toContainText('A part of this page could not be loaded.');
  await page.getByRole('button', { name: 'Add a layer', exact: true }).click();
  await expect(page.getByRole('button', { name: 'Undo' })).toBeEnabled();
});
