import { expect, test, untilQuiet } from './nibwright';

test('a card goes into the bin, comes back by undo, and again from the bin', async ({ page }) => {
  await page.request.post('/api/cards/marrow-prize/copy', { data: {} });
  await page.goto('/');
  await untilQuiet(page);
  const card = page.getByRole('listitem').filter({ hasText: 'Marrow prize (copy)' });
  await card.getByRole('link').focus();
  await page.keyboard.press('Delete');
  await expect(card).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(card).toHaveCount(1);
  await card.hover();
  await card.getByRole('button', { name: 'Bin' }).click();
  await expect(card).toHaveCount(0);
  await page.reload();
  await untilQuiet(page);
  await expect(card).toHaveCount(0);
  await page.getByRole('button', { name: /^Bin/ }).click();
  await page.getByRole('button', { name: 'Take out Marrow prize (copy)' }).click();
  await page.getByRole('button', { name: 'Close' }).click();
  await expect(card).toHaveCount(1);
});

test('cards stand at one scale, drawn from their plans', async ({ page }) => {
  const height = async (name: string) => {
    // Only what is in view is drawn, and others leave cards on the Ledge.
    await page.goto(`/?q=${encodeURIComponent(name)}`);
    const box = await page
      .getByRole('listitem')
      .filter({ hasText: name })
      .first()
      .locator('svg > g path')
      .first()
      .boundingBox();
    return box?.height ?? 0;
  };
  // A slimline is 8 1/2 in high, an A2 5 1/2.
  expect((await height('Number nine')) / (await height('Bean poles'))).toBeCloseTo(8.5 / 5.5, 1);
});

test('the name is asked once, and the cards of that name are mine', async ({ page }) => {
  await page.goto('/');
  await untilQuiet(page);
  await page.getByRole('button', { name: 'That is me' }).click();
  await expect(page.getByRole('alert')).toContainText('Type your name first');
  await page.getByRole('button', { name: 'Ines', exact: true }).click();
  await expect(page.getByText('Who works here?')).toHaveCount(0);
  await page.getByRole('button', { name: /^Mine/ }).click();
  await expect(page.getByRole('listitem').filter({ hasText: 'Shed door' })).toHaveCount(1);
  await expect(page.getByRole('listitem').filter({ hasText: 'Bean poles' })).toHaveCount(0);
  await page.reload();
  await expect(page.getByText('Who works here?')).toHaveCount(0);
});

test('a custom size is typed as one says it, and a wrong one is told', async ({ page }) => {
  await page.goto('/');
  await untilQuiet(page);
  await page.getByRole('button', { name: 'New card' }).click();
  await page.getByRole('radio', { name: 'Custom' }).check();
  await page.getByRole('button', { name: 'Make the card' }).click();
  await expect(page.getByRole('alert')).toContainText('Type a figure');
  await page.getByLabel('Closed size').fill('148');
  await page.getByRole('button', { name: 'Make the card' }).click();
  await expect(page.getByRole('alert')).toContainText('Two figures are wanted');
  await page.getByLabel('Closed size').fill('148 x 148 mm');
  await page.getByRole('button', { name: 'Make the card' }).click();
  await page.waitForURL(/\/card\/.+\/base/);
  await untilQuiet(page);
  await expect(page.getByLabel('Size of A')).toHaveText('≈ 5 53⁄64 × 5 53⁄64');
});

test('cards are found as one types, by what they are, and by the size that is cut', async ({
  page,
}) => {
  await page.goto('/');
  await untilQuiet(page);
  const cards = page.locator('[data-card] > a');
  await page.keyboard.press('/');
  await page.keyboard.type('night lines');
  await expect(cards).toHaveCount(1);
  await expect(page).toHaveURL(/\?q=night\+lines/);
  await page.reload();
  await expect(page.getByLabel('Find a card')).toHaveValue('night lines');
  await expect(cards).toHaveCount(1);
  await page.getByLabel('Find a card').fill('2 7/8 x 4 1/8');
  await expect(page.locator('[data-card=bean-poles]')).toBeVisible();
  await expect(page.locator('[data-card=number-nine]')).toHaveCount(0);
  await page.getByLabel('Find a card').fill('no such card');
  await expect(page.getByText('No card is like that')).toBeVisible();
  await page.getByRole('button', { name: 'Show all cards' }).click();
  await page.getByLabel('By format').selectOption('DL');
  await expect(page.locator('[data-card=depot]')).toBeVisible();
  await expect(page.locator('[data-card=number-nine]')).toHaveCount(0);
  await page.getByRole('button', { name: /^To film/ }).click();
  await expect(page.getByText('No card is like that')).toBeVisible();
});

test('keys walk over all cards, into rows out of view too', async ({ page }) => {
  await page.goto('/');
  await untilQuiet(page);
  await page.keyboard.press('ArrowRight');
  await expect(page.locator('[data-card] > a').first()).toBeFocused();
  // Pressed faster than rows are drawn, none is lost; more often than there are rows, the last keeps the focus.
  for (let row = 0; row < 40; row++) await page.keyboard.press('ArrowDown');
  await expect(page.getByRole('list').last().locator(':focus')).toHaveCount(1);
  await expect(page.locator('[data-card]:focus-within')).toHaveCount(1);
  // Its picture did not come with the page.
  await expect(page.locator('[data-card]:focus-within a > svg > g')).toBeAttached();
});

test('a card is moved to another release by keys and by dragging, and back by undo', async ({
  page,
}) => {
  const response = await page.request.post('/api/cards/rain-day/copy', { data: {} });
  const { id } = (await response.json()) as { id: string };
  await page.goto('/?q=rain+day+(copy)');
  await untilQuiet(page);
  const on = (release: string) =>
    page.getByRole('list', { name: release }).locator(`[data-card="${id}"]`);
  await page.locator(`[data-card="${id}"] > a`).focus();
  await page.keyboard.press('m');
  await page.getByLabel('To the release').selectOption({ label: 'Night Tram' });
  await page.keyboard.press('Enter');
  await expect(on('Night Tram')).toBeVisible();
  await page.keyboard.press('z');
  await expect(on('Allotment Row')).toBeVisible();

  // All ledges are in view, however many cards other tests have left on them.
  await page.setViewportSize({ width: 1280, height: 6000 });
  await page.goto('/');
  await untilQuiet(page);
  const card = page.locator(`[data-card="${id}"] > a`);
  const ledge = page.getByRole('heading', { name: 'Night Tram' });
  // Hovering waits until the card stands still; the ledge is looked for once it is held, and says that it is over it.
  await card.hover({ position: { x: 30, y: 30 } });
  await page.mouse.down();
  const from = await card.boundingBox();
  if (!from) throw new Error('nothing to drag');
  await page.mouse.move(from.x + 60, from.y + 60, { steps: 5 });
  const to = await ledge.boundingBox();
  if (!to) throw new Error('nowhere to drag to');
  await page.mouse.move(to.x + 60, to.y + 20, { steps: 15 });
  await expect(page.locator('.bg-violet-wash').filter({ has: ledge })).toHaveCount(1);
  await page.mouse.up();
  await expect(page.getByText('stands with Night Tram')).toBeVisible();
  await page.reload();
  await expect(on('Night Tram')).toBeVisible();
});

test('the bin is emptied for good, but only after asking', async ({ page }) => {
  const response = await page.request.post('/api/cards/one-button/copy', { data: {} });
  const { id } = (await response.json()) as { id: string };
  await page.request.post(`/api/cards/${id}/bin`, { data: { binned: true } });
  await page.goto('/');
  await untilQuiet(page);
  await page.getByRole('button', { name: /^Bin/ }).click();
  await page.getByRole('button', { name: 'Empty the bin…' }).click();
  await expect(page.getByRole('alert')).toContainText('go for good');
  await page.getByRole('button', { name: 'Keep them' }).click();
  await page.getByRole('button', { name: 'Empty the bin…' }).click();
  await page.getByRole('button', { name: 'Remove for good' }).click();
  await expect(page.getByText('The bin is empty.')).toBeVisible();
  expect((await page.request.get(`/card/${id}/base`)).status()).toBe(404);
});
