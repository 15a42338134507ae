import { saved } from './layoutPage';
import { copyOf, expect, test, type Page } from './nibwright';

const tab = (page: Page) => page.getByRole('link', { name: /^Steps/ });
const rows = (page: Page) => page.getByRole('group', { name: /^Steps, in the order/ });
const bench = (page: Page) => page.getByRole('region', { name: 'At the bench' });

/** A Monday, in the morning: how many evenings a card takes depends on when one begins. */
const monday = '2027-03-08T10:00:00Z';

async function openSteps(page: Page, card: string): Promise<string> {
  await page.clock.setFixedTime(monday);
  const id = await copyOf(page, card);
  await page.goto(`/card/${id}/steps`);
  await expect(rows(page)).toBeVisible();
  return id;
}

/** The place of a step among the rows. */
async function placeOf(page: Page, name: RegExp): Promise<number> {
  const texts = await page
    .getByRole('group', { name: 'The work along time' })
    .getByRole('button')
    .evaluateAll((all) => all.map((each) => each.getAttribute('aria-label') ?? ''));
  return texts.findIndex((text) => name.test(text));
}

test('an elaborate slimline has its order and its evenings with nothing typed', async ({
  page,
}) => {
  await openSteps(page, 'mooring-by-lamplight');
  await expect(tab(page)).toContainText('2 evenings');
  await expect(page.getByText(/2 evenings, .* at work; one is impossible/)).toBeVisible();
  const [heat, blend, glue, drops] = await Promise.all([
    placeOf(page, /Heat /),
    placeOf(page, /Blend /),
    placeOf(page, /Glue .*Buoy mat/),
    placeOf(page, /Set Drop/),
  ]);
  expect(heat).toBeGreaterThan(0);
  expect(blend).toBeGreaterThan(heat);
  expect(glue).toBeGreaterThan(blend);
  expect(drops).toBeGreaterThan(glue);
});

test('embossing moved after blending by keys is found, explained and mended by a key', async ({
  page,
}) => {
  await openSteps(page, 'mooring-by-lamplight');
  await rows(page)
    .getByRole('button', { name: /Blend dusk/ })
    .click();
  const bar = page.getByRole('contentinfo');
  const broken = bar.getByText(
    /comes after .* as you put it: powder sticks to all that is not dry/,
  );
  // Earlier, until it stands before the heat tool; each press is saved, and the order worked out, before the next.
  const isBefore = async () => (await placeOf(page, /Blend /)) < (await placeOf(page, /Heat /));
  for (let presses = 0; presses < 8 && !(await isBefore()); presses += 1) {
    await page.keyboard.press('Alt+ArrowUp');
    await saved(page);
    await expect(tab(page).locator('[aria-busy=false]')).toBeVisible();
  }
  expect(await isBefore()).toBe(true);
  await expect(broken).toBeVisible();
  await expect(bar.getByRole('button', { name: 'Wait until it is dry' })).toBeVisible();
  await page.keyboard.press('e');
  await expect(broken).toBeHidden();
  await saved(page);
});

test('a batch is worked through at the bench, its ticks and timers over a reload', async ({
  page,
}) => {
  const id = await openSteps(page, 'parcel-on-the-step');
  await expect(page.getByRole('button', { name: '24 copies by stage' })).toBeVisible();
  await page.keyboard.press('c');
  await expect(page.getByRole('region', { name: '24 copies, by stage' })).toContainText(
    '3 evenings',
  );
  await page.keyboard.press('b');
  await expect(bench(page)).toContainText('Step 1 of');
  const kept = page.waitForResponse((reply) => reply.url().endsWith(`/api/cards/${id}/work`));
  await page.keyboard.press('Space');
  await kept;
  await expect(bench(page).getByRole('button', { name: '2 of 24 done' })).toBeVisible();
  // A tap counts one, and the space bar one more, though the button has the focus then.
  await bench(page).getByRole('button', { name: '2 of 24 done' }).click();
  const third = page.waitForResponse((reply) => reply.url().endsWith(`/api/cards/${id}/work`));
  await page.keyboard.press('Space');
  await third;
  await expect(bench(page).getByRole('button', { name: '4 of 24 done' })).toBeVisible();
  await page.reload();
  await expect(bench(page).getByRole('button', { name: '4 of 24 done' })).toBeVisible();
  // All copies of each, until one dries.
  const timers = bench(page).getByRole('timer');
  for (let stages = 0; stages < 14 && (await timers.count()) === 0; stages += 1) {
    const heading = await bench(page).getByRole('heading', { level: 2 }).innerText();
    const reply = page.waitForResponse((each) => each.url().endsWith(`/api/cards/${id}/work`));
    await page.keyboard.press('Enter');
    await reply;
    await expect(bench(page).getByRole('heading', { level: 2 })).not.toHaveText(heading);
  }
  await expect(timers.first()).toBeVisible();
  await page.reload();
  await expect(timers.first()).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('button', { name: 'Go on at the bench' })).toBeVisible();
});

test('a step is left out and put back, timed and worded, by mouse', async ({ page }) => {
  await openSteps(page, 'mooring-by-lamplight');
  await rows(page)
    .getByRole('button', { name: /anti-static/ })
    .click();
  await page.getByRole('button', { name: 'Leave it out' }).click();
  const bar = page.getByRole('contentinfo');
  await expect(bar).toContainText(/is left out: static and fingerprints/);
  await bar.getByRole('button', { name: 'Add the step' }).click();
  await expect(bar).not.toContainText('is left out');
  const ticket = page.getByRole('region', { name: /^Step \d+$/ });
  await rows(page)
    .getByRole('button', { name: /Try the stamps/ })
    .click();
  await ticket.getByRole('textbox', { name: 'At work' }).fill('soon');
  await ticket.getByRole('textbox', { name: 'At work' }).press('Enter');
  await expect(ticket.getByRole('alert')).toBeVisible();
  await ticket.getByRole('textbox', { name: 'At work' }).press('Escape');
  await ticket.getByRole('textbox', { name: 'At work' }).fill('6');
  await ticket.getByRole('textbox', { name: 'At work' }).press('Enter');
  await expect(ticket).toContainText('You decided its minutes');
  await saved(page);
});

test('the sheet and the downloads tell how it is made', async ({ page }) => {
  const id = await copyOf(page, 'mooring-by-lamplight');
  await page.goto(`/card/${id}/sheet`);
  await page.getByRole('button', { name: 'How it is made' }).click();
  const sheet = page.getByRole('article', { name: 'How it is made' });
  await expect(sheet.getByRole('listitem')).toHaveCount(27);
  await expect(sheet).toContainText('The heat tool burns');
  await expect(sheet).toContainText(/Let it dry for 4 h before step \d+/);
  const markdown = await (await page.request.get(`/api/cards/${id}/sheet.md`)).text();
  expect(markdown).toMatch(/## How it is made\n\n1\. \*\*Cut A from Harbour 300 g\*\*/);
  const csv = await (await page.request.get(`/api/cards/${id}/steps.csv`)).text();
  expect(csv.split('\r\n')[0]).toContain('drying, minutes');
});

test('what more copies take is charted, and as many are made as one chooses', async ({ page }) => {
  await openSteps(page, 'parcel-on-the-step');
  await page.keyboard.press('m');
  const view = page.getByRole('region', { name: 'What more copies take' });
  await expect(view.getByRole('status')).toContainText('worked out');
  const rows = view.getByRole('row');
  await expect(rows).toHaveCount(37);
  await expect(view.getByRole('status')).toBeHidden();
  await expect(view).toContainText(/24 copies: 16 sheets, 3 evenings, .* a card/);
  // Two bases are cut from a sheet, so that the second of them comes free.
  await expect(rows.nth(1)).toContainText('nothing');
  await view.getByRole('button', { name: '26', exact: true }).press('Enter');
  await saved(page);
  await expect(view).toContainText(/^26 copies: /);
  await page.keyboard.press('m');
  await expect(page.getByRole('button', { name: '26 copies by stage' })).toBeVisible();
});

test('two cards that share inks are planned together', async ({ page }) => {
  await openSteps(page, 'mooring-by-lamplight');
  await page.getByRole('button', { name: 'Together with another card' }).click();
  const view = page.getByRole('region', { name: 'Together with another card' });
  await view.getByRole('combobox').selectOption({ value: 'last-tram-home' });
  await expect(view).toContainText(
    /1 Mooring by lamplight .*and 24 Last tram home: \d+ evenings, .* at work/,
  );
  await expect(view).toContainText(/stages are got ready for once, which saves/);
  await view.getByRole('textbox', { name: 'Copies' }).fill('none');
  await view.getByRole('textbox', { name: 'Copies' }).press('Enter');
  await expect(view.getByRole('alert')).toContainText('whole number');
  await view.getByRole('textbox', { name: 'Copies' }).fill('2');
  await view.getByRole('textbox', { name: 'Copies' }).press('Enter');
  await expect(view).toContainText(/1 Mooring by lamplight .*and 2 Last tram home: /);
});

test('what is made ahead lies in the stash, and its steps fall away until it is taken out', async ({
  page,
}) => {
  const id = await openSteps(page, 'mooring-by-lamplight');
  await rows(page)
    .getByRole('button', { name: /Blend dusk/ })
    .click();
  const ticket = page.getByRole('region', { name: /^Step \d+$/ });
  const kept = page.waitForResponse((reply) => reply.url().endsWith(`/api/cards/${id}/ahead`));
  await ticket.getByRole('textbox', { name: 'Made ahead' }).fill('1');
  await ticket.getByRole('textbox', { name: 'Made ahead' }).press('Enter');
  expect((await kept).status()).toBe(200);
  await expect(rows(page).getByRole('button', { name: /Blend dusk/ })).toBeHidden();
  await page.goto('/stash');
  const shelf = page.getByRole('region', { name: 'Made ahead' });
  const count = shelf
    .locator('div')
    .filter({ has: page.locator(`a[href="/card/${id}/steps"]`) })
    .getByRole('textbox')
    .last();
  await expect(count).toHaveValue('1');
  const gone = page.waitForResponse((reply) => reply.url().endsWith(`/api/cards/${id}/ahead`));
  await count.fill('0');
  await count.press('Enter');
  await gone;
  await page.goto(`/card/${id}/steps`);
  await expect(rows(page).getByRole('button', { name: /Blend dusk/ })).toBeVisible();
});

test('a block is dragged along the strip to the place of another', async ({ page }) => {
  await openSteps(page, 'mooring-by-lamplight');
  const strip = page.getByRole('group', { name: 'The work along time' });
  const middle = async (name: RegExp) => {
    const box = await strip.getByRole('button', { name }).boundingBox();
    if (!box) throw new Error(`${name.source} is not on the strip`);
    return { x: box.x + box.width / 2, y: box.y + box.height / 2 };
  };
  const [from, to] = [await middle(/Blend dusk/), await middle(/anti-static/)];
  await page.mouse.move(from.x, from.y);
  await page.mouse.down();
  await page.mouse.move((from.x + to.x) / 2, from.y, { steps: 4 });
  await page.mouse.move(to.x, to.y, { steps: 6 });
  await page.mouse.up();
  await expect
    .poll(async () => (await placeOf(page, /Blend /)) < (await placeOf(page, /anti-static/)))
    .toBe(true);
  await expect(page.getByRole('contentinfo')).toContainText(/comes after .* as you put it/);
  await saved(page);
});

test('evenings are a designer’s own, and the service tells steps and schedules', async ({
  page,
}) => {
  const wrong = await page.request.post('/api/evenings', {
    data: { designerId: 'orla', evenings: { zone: 'Atlantis/Old', weekly: [], people: 1 } },
  });
  expect(wrong.status()).toBe(400);
  expect(await wrong.text()).toContain('time zone');
  const file = await (await page.request.get('/api/cards/rain-day/card.nibwright.json')).json();
  const steps = await page.request.post('/api/compute/steps', { data: { file, copies: 3 } });
  const told = (await steps.json()) as { steps: unknown[]; batch: { copies: number } };
  expect([steps.status(), told.steps.length > 20, told.batch.copies]).toEqual([200, true, 3]);
  const circle = await page.request.post('/api/compute/schedule', {
    data: {
      activities: [
        { id: 'a', duration: 1, after: [{ activity: 'b' }] },
        { id: 'b', duration: 1, after: [{ activity: 'a' }] },
      ],
    },
  });
  expect(await circle.json()).toMatchObject({ starts: null, issue: { code: 'circle' } });
});
