import {
  test as base,
  type Browser,
  type BrowserContext,
  type Locator,
  type Page,
  type Request,
} from '@playwright/test';
import { serverPorts } from './serverPorts';

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

/** What a page has asked for and not got yet, but for the stream of events, which stays open. */
const underWay = new WeakMap<Page, Set<Request>>();
/** So long nothing may be under way before a page counts as quiet. */
const quietMilliseconds = 300;

function watch(page: Page): void {
  const requests = new Set<Request>();
  underWay.set(page, requests);
  page.on('request', (request) => {
    if (request.resourceType() !== 'eventsource') requests.add(request);
  });
  page.on('requestfinished', (request) => requests.delete(request));
  page.on('requestfailed', (request) => requests.delete(request));
  page.on('framenavigated', (frame) => {
    if (frame === page.mainFrame()) requests.clear();
  });
}

/** Waits until a page has all that it asks for by itself, such as the stations that are not open. */
export async function untilQuiet(page: Page): Promise<void> {
  await page.waitForLoadState('load');
  const requests = underWay.get(page) ?? new Set();
  for (let since = Date.now(); Date.now() - since < quietMilliseconds;) {
    if (requests.size > 0) since = Date.now();
    await page.waitForTimeout(30);
  }
}

/** Has a page waited for until it listens, each time it is opened, loaded anew or come to. */
async function prepare(page: Page): Promise<Page> {
  watch(page);
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
  return page;
}

/** A page of a new browser, or a further tab of one, that is waited for as the test's own page is. */
export async function newPage(of: Browser | BrowserContext): Promise<Page> {
  return prepare(await of.newPage());
}

/**
 * As in Playwright, but a page that is opened, loaded anew or come to is waited for until it listens. With `SLOW=4` before the
 * command the page's script runs four times slower, which shows what holds by luck only.
 */
export const test = base.extend({
  // Playwright reads from the pattern which fixtures are asked for; none is.
  // eslint-disable-next-line no-empty-pattern
  baseURL: async ({}, use, { parallelIndex }) => {
    await use(`http://127.0.0.1:${serverPorts[parallelIndex]}`);
  },
  page: async ({ page }, use) => {
    await use(await prepare(page));
  },
});

/** A copy of a card of the demo, so that no test meets another's changes. @returns its id */
export async function copyOf(page: Page, card: string): Promise<string> {
  const reply = await page.request.post(`/api/cards/${card}/copy`, { data: {} });
  return ((await reply.json()) as { id: string }).id;
}

/** Chooses from a list with a search; a long list draws only the first of what is found. */
export async function choose(list: Locator, name: string): Promise<void> {
  await list.click();
  const page = list.page();
  await page.keyboard.type(name);
  const named = page.getByText(name, { exact: true });
  await page.getByRole('option').filter({ has: named }).click();
}
