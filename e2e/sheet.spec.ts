import { expect, test, type Page, untilQuiet } from './nibwright';
import { readPdf } from './readPdf';

async function print(page: Page, format: 'Letter' | 'A4') {
  return readPdf(await page.pdf({ format, printBackground: true }));
}

const papers = [
  // ASME Y14.1 and ISO 216, in points of 1/72 in.
  { format: 'Letter', points: [612, 792] },
  { format: 'A4', points: [595, 842] },
] as const;

for (const { format, points } of papers)
  test(`the sheet prints on one ${format} page with every figure in both units`, async ({
    page,
  }) => {
    await page.goto('/card/bean-poles/sheet');
    await untilQuiet(page);
    const { pages, text } = await print(page, format);
    expect(pages).toHaveLength(1);
    const [width, height] = pages[0]?.size ?? [];
    expect(Math.abs((width ?? 0) - points[0])).toBeLessThan(1.5);
    expect(Math.abs((height ?? 0) - points[1])).toBeLessThan(1.5);
    // Text in a PDF may be cut anywhere; only letters, digits and signs count.
    const bare = text.replaceAll(/[\s⁄/]/g, '');
    for (const figure of ['3 9 16 × 4 13 16', '≈ 90.5 × 122.2', '8 1 2 × 5 1 2', 'revision 1'])
      expect(bare).toContain(figure.replaceAll(' ', ''));
    expect(text).not.toContain('Markdown');
    expect(text).not.toContain('Nothing to mend');
  });

test('the sheet for filming prints the figures as they are said, and keeps what is ticked', async ({
  page,
}) => {
  const copy = await page.request.post('/api/cards/bean-poles/copy', { data: {} });
  const { id } = (await copy.json()) as { id: string };
  await page.goto(`/card/${id}/sheet`);
  await untilQuiet(page);
  await page.getByRole('button', { name: 'For filming' }).click();
  const { text } = await print(page, 'A4');
  const bare = text.replaceAll(/\s/g, '');
  for (const words of ['fourbyfiveandonequarter', 'Theveryfirstmat', 'revision1'])
    expect(bare).toContain(words);
  expect(text).not.toContain('Markdown');
  await page.getByLabel(/^The very first mat/).check();
  await expect(page.locator('[data-save-state=saved]')).toBeVisible();
  await page.reload();
  await page.getByRole('button', { name: 'For filming' }).click();
  await expect(page.getByLabel(/^The very first mat/)).toBeChecked();
});

test('the copies are counted into the cut list', async ({ page }) => {
  await page.goto('/card/rain-day/sheet');
  await untilQuiet(page);
  await page.getByLabel('Copies').fill('24');
  await page.getByLabel('Copies').press('Enter');
  await expect(page.getByText('Cut 24 blanks')).toBeVisible();
  await page.getByLabel('Copies').fill('0');
  await page.getByLabel('Copies').press('Enter');
  await expect(page.getByRole('alert')).toContainText('whole number from 1 to 10 000');
  await expect(page.getByText('Cut 24 blanks')).toBeVisible();
});

test('a card file goes out and comes back as another card of the same bytes', async ({ page }) => {
  await page.goto('/card/number-nine/sheet');
  await untilQuiet(page);
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'Card file' }).click(),
  ]);
  expect(download.suggestedFilename()).toBe('Number-nine.nibwright.json');
  const path = await download.path();
  await page.goto('/');
  await untilQuiet(page);
  await page.getByLabel('Card file').setInputFiles(path);
  await page.waitForURL(/\/card\/.+\/base/);
  const id = new URL(page.url()).pathname.split('/')[2];
  expect(id).not.toBe('number-nine');
  const fetchFile = async (card: string | undefined) =>
    (await page.request.get(`/api/cards/${card}/card.nibwright.json`)).text();
  const original = await fetchFile('number-nine');
  expect((await fetchFile(id)).replace(`"id": "${id}"`, '"id": "number-nine"')).toBe(original);
});

test('a wrong file is refused in a sentence, and the Ledge stays as it was', async ({ page }) => {
  await page.goto('/');
  await untilQuiet(page);
  const give = (text: string) =>
    page.getByLabel('Card file').setInputFiles({
      name: 'card.nibwright.json',
      mimeType: 'application/json',
      buffer: Buffer.from(text),
    });
  const before = await page.locator('[data-card]').count();
  await give('not json');
  await expect(page.getByRole('contentinfo')).toContainText('it is not JSON');
  await give('{"format":"nibwright-card","version":1,"plan":{"schema":99}}');
  await expect(page.getByRole('contentinfo')).toContainText('written by a newer Nibwright');
  expect(await page.locator('[data-card]').count()).toBe(before);
});

test('a download waits for what was just typed to be saved', async ({ page }) => {
  const copy = await page.request.post('/api/cards/rain-day/copy', { data: {} });
  const { id } = (await copy.json()) as { id: string };
  await page.goto(`/card/${id}/sheet`);
  await untilQuiet(page);
  await page.getByLabel('Notes, printed at the end').fill('Score twice.');
  await page.getByLabel('Notes, printed at the end').blur();
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'Markdown for a blog' }).click(),
  ]);
  const stream = await download.createReadStream();
  const chunks: Buffer[] = [];
  for await (const chunk of stream) chunks.push(Buffer.from(chunk as Uint8Array));
  expect(Buffer.concat(chunks).toString()).toContain('Score twice.');
});
