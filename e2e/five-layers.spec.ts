import { choose, expect, test, type Page, untilQuiet } from './nibwright';

/** The worked five-layer A2 of common practice: reveal given, size that must come out. */
const front = [
  { reveal: '1/16', size: '4 1⁄8 × 5 3⁄8' },
  { reveal: '5/16', size: '3 1⁄2 × 4 3⁄4' },
  { reveal: '1/8', size: '3 1⁄4 × 4 1⁄2' },
  { reveal: '1/16', size: '3 1⁄8 × 4 3⁄8' },
];
const inside = [
  { reveal: '3/16', size: '3 7⁄8 × 5 1⁄8' },
  { reveal: '3/32', size: '3 11⁄16 × 4 15⁄16' },
];
const letters = 'BCDEFG';

async function expectSheet(page: Page) {
  const sheet = page.getByRole('article', { name: 'Project sheet' });
  await expect(sheet).toContainText('Cut the blank 8 1⁄2 × 5 1⁄2 in (215.9 × 139.7 mm).');
  await expect(sheet).toContainText('Score it at 4 1⁄4 in (≈ 108.0 mm) from the left and fold.');
  for (const [index, { size }] of [...front, ...inside].entries())
    await expect(sheet.getByRole('row').filter({ hasText: size })).toContainText(
      letters[index] ?? '?',
    );
}

async function expectSavedAndKept(page: Page) {
  await expect(page.locator('[data-save-state=saved]')).toBeVisible();
  await page.reload();
  await expectSheet(page);
}

test('the five-layer A2 is made from nothing by keys alone, and its sheet is right', async ({
  page,
}) => {
  await page.goto('/');
  await expect(page.getByRole('button', { name: 'New card' })).toBeEnabled();
  await untilQuiet(page);
  await page.keyboard.press('n');
  // The dialog comes with its script; keys pressed before would go to the page.
  await expect(page.locator('[role=dialog] :focus, dialog :focus')).toHaveCount(1);
  await page.keyboard.type('Five layers by keys');
  await page.keyboard.press('Enter');
  await page.waitForURL(/\/card\/.+\/base/);
  await untilQuiet(page);
  for (const { reveal, size } of front) {
    await page.keyboard.press('a');
    await expect(page.getByLabel('all round')).toBeFocused();
    await page.keyboard.type(reveal);
    await page.keyboard.press('Enter');
    await expect(page.getByLabel(/^Size of/)).toHaveText(size);
  }
  for (const { reveal, size } of inside) {
    await page.keyboard.press('i');
    await expect(page.getByLabel('all round')).toBeFocused();
    await page.keyboard.type(reveal);
    await page.keyboard.press('Enter');
    await expect(page.getByLabel(/^Size of/)).toHaveText(size);
  }
  await page.keyboard.press('8');
  await expectSheet(page);
  await expectSavedAndKept(page);
});

test('the five-layer A2 is made from nothing by mouse, and its sheet is right', async ({
  page,
}) => {
  await page.goto('/');
  await untilQuiet(page);
  await page.getByRole('button', { name: 'New card' }).click();
  await page.getByLabel('Title').fill('Five layers by mouse');
  await choose(page.getByLabel('Base stock'), 'Damson 300 g');
  await page.getByRole('button', { name: 'Make the card' }).click();
  await page.waitForURL(/\/card\/.+\/base/);
  await untilQuiet(page);
  for (const [button, rows] of [
    ['Add a layer', front],
    ['Add inside', inside],
  ] as const)
    for (const { reveal, size } of rows) {
      await page.getByRole('button', { name: button }).click();
      await page.getByLabel('all round').fill(reveal);
      // The figure being typed is drawn before it is kept.
      await expect(page.getByLabel(/^Size of/)).toHaveText(size);
      await page.getByLabel(/^Size of/).click();
    }
  await choose(page.getByLabel('Stock of G'), 'Chalk 216 g');
  await page.getByRole('link', { name: /^Sheet/ }).click();
  await expectSheet(page);
  await expectSavedAndKept(page);
});
