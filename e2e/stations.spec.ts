import { pageTitle, stations } from '../src/islands/stations/stations';
import { expect, test } from './nibwright';

for (const { id, name, digit } of stations)
  test(`the ${name} station opens by its address, its tab and its key`, async ({ page }) => {
    const tab = page
      .getByRole('navigation', { name: 'Stations' })
      .getByRole('link', { name: new RegExp(`^${name} `) });
    await page.goto(`/card/rain-day/${id}`);
    await expect(page).toHaveTitle(pageTitle('Rain day', id));
    await expect(tab).toHaveAttribute('aria-current', 'page');

    const [other] = stations.filter((each) => each.id !== id);
    if (!other) throw new Error('no other station');
    await page.keyboard.press(other.digit);
    await expect(page).toHaveURL(new RegExp(`/card/rain-day/${other.id}`));
    await expect(tab).not.toHaveAttribute('aria-current', 'page');
    await tab.click();
    await expect(page).toHaveURL(new RegExp(`/card/rain-day/${id}`));
    await page.keyboard.press(other.digit);
    await page.keyboard.press(digit);
    await expect(page).toHaveTitle(pageTitle('Rain day', id));
    await page.goBack();
    await expect(page).toHaveTitle(pageTitle('Rain day', other.id));
  });

for (const view of [...stations.map(({ id }) => `/card/rain-day/${id}`), '/buying'])
  test(`the page at ${view} is whole as it comes, and taken over as it stands`, async ({
    page,
  }) => {
    // In the worst order: what comes late comes long after what the page begins with.
    await page.route(/\/_astro\/.*\.js$/, async (route) => {
      const isFirst = /Workbench|Buying|client/.test(new URL(route.request().url()).pathname);
      if (!isFirst) await new Promise((done) => setTimeout(done, 400));
      await route.continue();
    });
    await page.addInitScript(() => {
      document.addEventListener('DOMContentLoaded', () =>
        Object.assign(window, { sent: [...document.querySelectorAll('body *')] }),
      );
    });
    await page.goto(view);
    const { sent, drawnAnew } = await page.evaluate(() => {
      const { sent } = window as unknown as { readonly sent: readonly Element[] };
      // Rows of a long list come and go with what is in view, and what says that it waits goes once that has come.
      const isPassing = (element: Element) =>
        element.matches('script, style, template') ||
        element.closest('[aria-setsize], [role=status]') !== null;
      return {
        sent: sent.length,
        drawnAnew: sent
          .filter((element) => !element.isConnected && !isPassing(element))
          .map((element) => element.outerHTML.slice(0, 80)),
      };
    });
    expect(sent).toBeGreaterThan(60);
    expect(drawnAnew).toEqual([]);
    await expect(page.locator('template, [hidden][id*="S:"]')).toHaveCount(0);
  });

test('a finding is counted on the station that mends it, and leads there', async ({ page }) => {
  await page.goto('/card/rain-day/base');
  const strip = page.getByRole('navigation', { name: 'Stations' });
  // What is lost on its ground is mended where it is laid, and what the stash lacks on its list.
  await expect(strip.getByRole('link', { name: /^Layout/ })).toContainText('1 finding');
  await expect(strip.getByRole('link', { name: /^Base/ })).not.toContainText('finding');
  await page.getByRole('button', { name: /^Low cloud is lost/ }).click();
  await expect(page).toHaveURL(/rain-day\/layout\?piece=/);
  await page.keyboard.press('8');
  await expect(page.getByRole('contentinfo')).toContainText('more than the stash has');
});
