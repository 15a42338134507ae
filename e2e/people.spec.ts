import type { BrowserContext, Locator } from '@playwright/test';
import { copyOf, expect, newPage, test, type Browser, type Page } from './nibwright';

/** A browser of somebody's own, at a card. */
async function openAs(browser: Browser, path: string, name?: string) {
  const context = await browser.newContext();
  const page = await newPage(context);
  if (name) {
    await page.goto('/');
    await page.request.post('/api/designers', { data: { name } });
  }
  await page.goto(path);
  return { context, page };
}

const titleOf = (page: Page): Locator => page.getByLabel('Title of the card');
const saved = (page: Page) => page.locator('[data-save-state="saved"]');

async function rename(page: Page, title: string) {
  await titleOf(page).fill(title);
  await titleOf(page).press('Enter');
}

const titleOnServer = async (page: Page, id: string) => {
  const file = await page.request.get(`/api/cards/${id}/card.nibwright.json`);
  return ((await file.json()) as { plan: { about: { title: string } } }).plan.about.title;
};

/** The page dies as in a crash: nothing of it runs any more, not even what a page does when it is left. */
async function crash(context: BrowserContext, page: Page) {
  const session = await context.newCDPSession(page);
  const crashed = page.waitForEvent('crash');
  void session.send('Page.crash').catch(() => undefined);
  await crashed;
}

/** A browser whose page died before the title typed in it could be saved. */
async function leaveUnsaved(browser: Browser, id: string, title: string): Promise<BrowserContext> {
  const { context, page } = await openAs(browser, `/card/${id}/base`);
  await page.route('**/edits', (route) => route.abort());
  await rename(page, title);
  await expect(page.locator('[data-save-state="retrying"]')).toBeVisible();
  await crash(context, page);
  return context;
}

async function closeAll(...contexts: readonly BrowserContext[]) {
  for (const context of contexts) await context.close();
}

test('two people at one card see each other and each other’s changes, and undo only their own', async ({
  page,
  browser,
}) => {
  const id = await copyOf(page, 'rain-day');
  const edda = await openAs(browser, `/card/${id}/base`, 'Edda Quill');
  const wim = await openAs(browser, `/card/${id}/base`, 'Wim Inkwell');
  await expect(edda.page.getByText('Here too: Wim Inkwell')).toBeVisible();
  await expect(wim.page.getByText('Here too: Edda Quill')).toBeVisible();

  await rename(edda.page, 'Rain, at last');
  await expect(titleOf(wim.page)).toHaveValue('Rain, at last');
  await wim.page.getByRole('button', { name: 'mm: lead with millimetres' }).click();
  await wim.page.getByRole('link', { name: /^Sheet/ }).click();
  const copies = wim.page.getByLabel('Copies');
  await copies.fill('7');
  await copies.press('Enter');
  await expect(saved(wim.page)).toBeVisible();
  await edda.page.getByRole('link', { name: /^Sheet/ }).click();
  await expect(edda.page.getByLabel('Copies')).toHaveValue('7');

  // Her title goes back; his copies stay.
  await edda.page.locator('main').click({ position: { x: 4, y: 4 } });
  await edda.page.keyboard.press('Control+z');
  await expect(titleOf(wim.page)).toHaveValue('Rain day (copy)');
  await expect(wim.page.getByLabel('Copies')).toHaveValue('7');
  // What she did and took back leaves nothing, be it looked for among the revisions.
  await edda.page.getByRole('button', { name: 'Undo' }).click();
  await expect(edda.page.getByText(/nothing of yours to take back/)).toBeVisible();
  await expect(edda.page.getByRole('button', { name: 'Undo' })).toBeDisabled();
  await expect(titleOf(wim.page)).toHaveValue('Rain day (copy)');

  // What he has changed since is his: her way back does not lead over it.
  await rename(edda.page, 'Hers');
  await expect(titleOf(wim.page)).toHaveValue('Hers');
  await rename(wim.page, 'His');
  await expect(titleOf(edda.page)).toHaveValue('His');
  await expect(edda.page.getByRole('button', { name: 'Undo' })).toBeDisabled();

  await wim.context.close();
  await expect(edda.page.getByText(/^Here too/)).toBeHidden();
  await closeAll(edda.context);
});

test('a page that dies with a change unsaved has it saved by the next that opens', async ({
  page,
  browser,
}) => {
  const id = await copyOf(page, 'rain-day');
  const context = await leaveUnsaved(browser, id, 'Typed in the train');
  expect(await titleOnServer(page, id)).toBe('Rain day (copy)');

  const next = await newPage(context);
  await next.goto(`/card/${id}/base`);
  await expect(titleOf(next)).toHaveValue('Typed in the train');
  await expect(saved(next)).toBeVisible();
  expect(await titleOnServer(page, id)).toBe('Typed in the train');
  // It counted once, and nothing of it is left to be sent.
  await next.reload();
  await expect(next.getByRole('link', { name: 'Revision 2' })).toBeVisible();
  await closeAll(context);
});

test('what an earlier page left unsaved and others changed since is for the person to decide', async ({
  page,
  browser,
}) => {
  const id = await copyOf(page, 'rain-day');
  const context = await leaveUnsaved(browser, id, 'Mine');
  await page.request.post(`/api/cards/${id}/edits`, {
    data: {
      saveId: 'theirs',
      baseRevision: 1,
      edits: [{ kind: 'set-about', change: { title: 'Theirs' } }],
    },
  });

  const next = await newPage(context);
  await next.goto(`/card/${id}/base`);
  const dialog = next.getByRole('dialog', { name: 'Changes from before are not saved yet' });
  await expect(dialog).toBeVisible();
  await dialog.getByRole('button', { name: 'Keep mine as a copy' }).click();
  await next.waitForURL((url) => !url.pathname.includes(id));
  await expect(titleOf(next)).toHaveValue('Mine (copy)');
  expect(await titleOnServer(page, id)).toBe('Theirs');
  await closeAll(context);
});

test('what a card’s page left unsaved is saved by the Ledge too, which says so', async ({
  page,
  browser,
}) => {
  const id = await copyOf(page, 'rain-day');
  const context = await leaveUnsaved(browser, id, 'Left behind');
  const next = await newPage(context);
  await next.goto('/');
  await expect(next.getByText(/^The last changes to “Left behind”/)).toBeVisible();
  expect(await titleOnServer(page, id)).toBe('Left behind');
  await closeAll(context);
});

test('leaving a page sends what waits', async ({ page }) => {
  const id = await copyOf(page, 'rain-day');
  await page.goto(`/card/${id}/base`);
  await rename(page, 'Typed and gone');
  page.on('dialog', (dialog) => void dialog.accept());
  await page.getByRole('link', { name: 'Nibwright', exact: true }).click();
  await expect.poll(() => titleOnServer(page, id)).toBe('Typed and gone');
});

test('ten tabs of one browser share a stream, and each saves and hears', async ({
  page,
  browser,
}) => {
  const id = await copyOf(page, 'rain-day');
  const { context, page: first } = await openAs(browser, `/card/${id}/base`);
  const tabs = [first];
  while (tabs.length < 10) {
    const tab = await newPage(context);
    await tab.goto(`/card/${id}/base`);
    tabs.push(tab);
  }
  const last = tabs.at(-1) ?? first;
  await rename(last, 'From the tenth');
  for (const tab of tabs) await expect(titleOf(tab)).toHaveValue('From the tenth');
  // The tab with the stream goes; another takes it over.
  await first.close();
  await rename(last, 'And once more');
  for (const tab of tabs.slice(1)) await expect(titleOf(tab)).toHaveValue('And once more');
  await closeAll(context);
});

test('a page older than the server says so, and is loaded again without losing anything', async ({
  page,
}) => {
  const id = await copyOf(page, 'rain-day');
  await page.route('**/api/events?*', (route) =>
    route.fulfill({
      contentType: 'text/event-stream',
      body: 'data: {"kind":"hello","build":"another"}\n\n',
    }),
  );
  await page.route('**/edits', async (route) =>
    route.fulfill({ status: 409, json: { kind: 'old-page' } }),
  );
  await page.goto(`/card/${id}/base`);
  await expect(page.getByText('Nibwright was renewed while this page was open')).toBeVisible();
  await rename(page, 'Typed on the old page');
  await expect(page.locator('[data-save-state="old-page"]')).toBeVisible();
  await page.unroute('**/edits');
  await page.unroute('**/api/events?*');
  page.on('dialog', (dialog) => void dialog.accept());
  await page.getByRole('button', { name: 'Load it again' }).click();
  await expect(page.getByText('Nibwright was renewed')).toBeHidden();
  await expect(titleOf(page)).toHaveValue('Typed on the old page');
  await expect.poll(() => titleOnServer(page, id)).toBe('Typed on the old page');
});
