import { expect, test } from '@playwright/test';

test('a card goes into the bin, comes back by undo, and again from the bin', async ({ page }) => {
  await page.request.post('/api/cards/marrow-prize/copy', { data: {} });
  await page.goto('/');
  await page.waitForLoadState('networkidle');
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
  await page.waitForLoadState('networkidle');
  await expect(card).toHaveCount(0);
  await page.getByRole('button', { name: /^Bin/ }).click();
  await page.getByRole('button', { name: 'Take out Marrow prize (copy)' }).click();
  await page.getByRole('button', { name: 'Close' }).click();
  await expect(card).toHaveCount(1);
});

test('cards stand at one scale, drawn from their plans', async ({ page }) => {
  await page.goto('/');
  const height = async (name: string) => {
    const box = await page
      .getByRole('listitem')
      .filter({ hasText: name })
      .first()
      .locator('svg rect')
      .first()
      .boundingBox();
    return box?.height ?? 0;
  };
  // A slimline is 8 1/2 in high, an A2 5 1/2.
  expect((await height('Number nine')) / (await height('Bean poles'))).toBeCloseTo(8.5 / 5.5, 1);
});

test('the name is asked once, and the cards of that name are mine', async ({ page }) => {
  await page.goto('/');
  await page.waitForLoadState('networkidle');
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
  await page.waitForLoadState('networkidle');
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
  await page.waitForLoadState('networkidle');
  await expect(page.getByLabel('Size of A')).toHaveText('≈ 5 53⁄64 × 5 53⁄64');
});
