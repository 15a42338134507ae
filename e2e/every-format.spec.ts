import { expect, test, type Page, untilQuiet } from './nibwright';
import { readPdf } from './readPdf';

/** Each format with one of the folds, and the blank that comes of it: from the handbook's table, or twice the size. */
const cards = [
  { format: 'A2', fold: 'side', blank: '8 1⁄2 × 5 1⁄2' },
  { format: 'A6', fold: 'tent', blank: '105 × 297' },
  { format: 'DL', fold: 'side', blank: '198 × 210' },
  { format: 'Slimline', fold: 'side', blank: '7 × 8 1⁄2' },
  { format: 'Mini slimline', fold: 'tent', blank: '3 1⁄2 × 12' },
  { format: 'Half page', fold: 'side', blank: '11 × 8 1⁄2' },
  { format: 'Square 5', fold: 'gate', blank: '10 × 5' },
  { format: 'Square 5 1⁄4', fold: 'tent', blank: '5 1⁄4 × 10 1⁄2' },
  { format: 'Square 148', fold: 'flat', blank: '148 × 148' },
  { format: 'Custom', fold: 'gate', blank: '10 × 7' },
] as const;
const formats = cards.map(({ format }) => format);
const folds = ['side', 'tent', 'gate', 'flat'];

async function press(page: Page, ...keys: readonly string[]) {
  for (const key of keys) await page.keyboard.press(key);
}

for (const { format, fold, blank } of cards)
  test(`by keys alone: ${format}, ${fold}, is built, printed, revised, compared, restored`, async ({
    page,
  }) => {
    await page.goto('/');
    await untilQuiet(page);
    await press(page, 'n');
    // The dialog comes with its script; keys pressed before would go to the page.
    await expect(page.locator('[role=dialog] :focus, dialog :focus')).toHaveCount(1);
    await page.keyboard.type(`Keys ${format}`);
    await press(page, 'Tab', ...Array<string>(formats.indexOf(format)).fill('ArrowRight'));
    if (format === 'Custom') {
      await press(page, 'Tab');
      await page.keyboard.type('5 x 7');
    } else if (!format.startsWith('Square')) await press(page, 'Tab');
    await press(page, 'Tab', ...Array<string>(folds.indexOf(fold)).fill('ArrowRight'), 'Enter');
    await page.waitForURL(/\/card\/.+\/base/);
    await untilQuiet(page);

    await press(page, 'a');
    await page.keyboard.type('3/8');
    await press(page, 'Enter');
    const size = page.getByLabel(/^Size of B/);
    const built = await size.textContent();
    expect(built).toMatch(/ × /);
    await press(page, '8');
    const sheet = page.getByRole('article', { name: 'Project sheet' });
    await expect(sheet).toContainText(blank);
    await expect(page.locator('[data-save-state=saved]')).toBeVisible();
    const { text } = await readPdf(await page.pdf({ format: 'Letter' }));
    expect(text).toContain(`Keys ${format.replace('1⁄4', '')}`.trim());
    expect(text).toMatch(/revision [2-9]/);

    await press(page, '1', 'Enter');
    await expect(page.getByLabel('all round')).toBeFocused();
    await page.keyboard.type('1/2');
    await press(page, 'Enter');
    await expect(size).not.toHaveText(built ?? '');
    await expect(page.locator('[data-save-state=saved]')).toBeVisible();
    await press(page, 'h');
    await expect(page.getByText('Panel B: border 3⁄8 to 1⁄2')).toBeVisible();
    const versions = page.getByRole('region', { name: 'Two versions side by side' });
    await expect(versions.locator('[data-differs]').filter({ hasText: 'Panel' })).toContainText(
      built ?? '?',
    );
    await press(page, 't');
    await expect(page.getByText('Panel B: border 1⁄2 to 3⁄8')).toBeVisible();
    await press(page, '1');
    await expect(size).toHaveText(built ?? '?');
  });
