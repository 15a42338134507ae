import { expect, test, type Page } from './nibwright';

const stations = ['base', 'layout', 'colour', 'cut', 'sheet'] as const;

/** Whether all of an element lies in the window, so that it can be pressed without more ado. */
const isInSight = (page: Page, name: string | RegExp) =>
  page
    .getByRole('button', { name })
    .first()
    .evaluate((element) => {
      const { left, right, top, bottom } = element.getBoundingClientRect();
      return left >= 0 && top >= 0 && right <= innerWidth + 1 && bottom <= innerHeight + 1;
    });

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 780 } });

  test('the Ledge folds its filters away and shows a card first', async ({ page }) => {
    await page.goto('/');
    await expect(page.getByLabel('By format')).toBeHidden();
    await page.getByRole('button', { name: 'Filter', exact: true }).click();
    await page.getByLabel('By format').selectOption('DL');
    await expect(page.getByRole('button', { name: 'Filter, on' })).toBeVisible();
    await page.getByRole('button', { name: 'Filter, on' }).click();
    await expect(page.getByLabel('By format')).toBeHidden();
    const card = await page.locator('[data-card]').first().boundingBox();
    expect(card?.y).toBeLessThan(400);
  });

  test('the strip keeps the station in sight, findings fold to their count', async ({ page }) => {
    for (const station of stations) {
      await page.goto(`/card/rain-day/${station}`);
      await expect(page.getByRole('button', { name: /^All findings/ })).toBeVisible();
      const tab = await page.locator('nav [aria-current=page]').boundingBox();
      expect(tab && tab.x >= 0 && tab.x + tab.width <= 391).toBe(true);
      const line = await page.getByRole('contentinfo').boundingBox();
      expect(line?.height).toBeLessThan(60);
      await expect(page.getByText(/is drawn for a wider window/)).toHaveCount(
        station === 'sheet' ? 0 : 1,
      );
    }
    await page.getByRole('button', { name: /^All findings/ }).click();
    await expect(page.locator('#all-findings li').first()).toBeVisible();
    // Nothing of the sheet reaches beyond the window.
    const wide = await page.evaluate(() => document.documentElement.scrollWidth);
    expect(wide).toBeLessThanOrEqual(390);
  });
});

test('with letters twice as large nothing is cut off a tab, and everything can be reached', async ({
  page,
}) => {
  for (const station of stations) {
    await page.goto(`/card/rain-day/${station}`);
    await page.addStyleTag({ content: 'html { font-size: 32px }' });
    await expect(page.getByRole('button', { name: /^All findings/ })).toBeVisible();
    const cut = await page
      .locator('nav[aria-label=Stations] a')
      .evaluateAll((tabs) => tabs.filter((tab) => tab.scrollHeight > tab.clientHeight + 1).length);
    expect(cut).toBe(0);
    for (const name of [/^All findings/, 'Habits', 'Keys', 'Undo'])
      expect([station, name, await isInSight(page, name)]).toEqual([station, name, true]);
    // What is larger than the content scrolls in it.
    const content = page.locator('#content');
    await content.evaluate((element) => element.scrollTo(0, element.scrollHeight));
    const last = content.getByRole('button').last();
    // What is computed after the page has come, such as a cut plan, makes the content longer once more.
    await expect(async () => {
      await last.scrollIntoViewIfNeeded();
      await expect(last).toBeInViewport({ timeout: 500 });
    }).toPass();
  }
});

test('with the colours of the system, what is pressed or chosen is told by an outline', async ({
  page,
}) => {
  await page.emulateMedia({ forcedColors: 'active' });
  await page.goto('/card/rain-day/layout');
  const outline = (selector: string) =>
    page
      .locator(selector)
      .first()
      .evaluate((element) => getComputedStyle(element).outlineStyle);
  expect(await outline('nav [aria-current=page]')).toBe('solid');
  expect(await outline('[role=group] [aria-pressed=true]')).toBe('solid');
  const figure = page.locator('svg text.fill-dimension').first();
  const ink = await page.evaluate(() => {
    const probe = document.body.appendChild(document.createElement('i'));
    probe.style.color = 'CanvasText';
    return getComputedStyle(probe).color;
  });
  expect(await figure.evaluate((element) => getComputedStyle(element).fill)).toBe(ink);
});
