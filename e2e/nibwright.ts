import { test as base, type Page } from '@playwright/test';

export {
  expect,
  type APIRequestContext,
  type Browser,
  type Locator,
  type Page,
} from '@playwright/test';

/** The page comes from the server whole; what is typed counts from the moment its script has taken over. */
export async function untilLive(page: Page): Promise<void> {
  await page
    .locator('astro-island[ssr], main[aria-busy=true]')
    .first()
    .waitFor({ state: 'detached' });
}

/**
 * As in Playwright, but a page that is opened, loaded anew or come to is waited for until it listens. With `SLOW=4` before the
 * command the page's script runs four times slower, which shows what holds by luck only.
 */
export const test = base.extend({
  page: async ({ page }, use) => {
    const goto = page.goto.bind(page);
    const reload = page.reload.bind(page);
    const waitForURL = page.waitForURL.bind(page);
    page.goto = async (...given) => {
      const answer = await goto(...given);
      await untilLive(page);
      return answer;
    };
    page.reload = async (...given) => {
      const answer = await reload(...given);
      await untilLive(page);
      return answer;
    };
    page.waitForURL = async (...given) => {
      await waitForURL(...given);
      await untilLive(page);
    };
    const slowness = Number(process.env['SLOW'] ?? 1);
    if (slowness > 1) {
      const session = await page.context().newCDPSession(page);
      await session.send('Emulation.setCPUThrottlingRate', { rate: slowness });
    }
    await use(page);
  },
});
