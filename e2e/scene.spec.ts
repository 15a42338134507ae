import { saved } from './layoutPage';
import { copyOf, expect, test, type Page } from './nibwright';

const turns = (page: Page) => page.getByRole('main').getByRole('heading', { level: 2 }).last();
const point = (page: Page, name: RegExp) => page.getByRole('button', { name });

test('a paper is divided into strips by mouse, inked in turns, walked through and printed', async ({
  page,
}) => {
  const id = await copyOf(page, 'hillside-beds');
  await page.goto(`/card/${id}/masks`);
  await page.getByRole('button', { name: 'Draw the strips' }).click();
  await page.getByRole('button', { name: 'No strips' }).click();
  await page.getByRole('button', { name: 'Divide Hill panel into strips' }).click();
  await expect(turns(page)).toContainText('Nothing is inked in a strip yet');

  for (const [name, strip] of [
    ['Sky', 1],
    ['Far hill', 2],
    ['Near bed', 3],
    ['Scarecrow', 2],
    ['Scarecrow', 3],
  ] as const)
    await page.getByRole('checkbox', { name: `${name} in strip ${strip}` }).check();
  await expect(turns(page)).toHaveText(
    '2 turns; strip 2 laid back on dry ink, fewer is impossible.',
  );

  // A point is dragged; the place it is put to is told, on a mark of the ruler.
  const second = point(page, /^Point 2 of line 1:/);
  const before = await second.getAttribute('aria-label');
  const box = await second.locator('rect').boundingBox();
  if (!box) throw new Error('no point to drag');
  await page.mouse.move(box.x + 6, box.y + 6);
  await page.mouse.down();
  await page.mouse.move(box.x + 6, box.y - 44, { steps: 8 });
  await page.mouse.up();
  await expect(second).not.toHaveAttribute('aria-label', before ?? '');
  await expect(second).toHaveAttribute('aria-label', /, \d+ mm from the top$/);

  // A line along the edge of what lies on the card.
  await page.getByLabel('Line 1 follows').selectOption({ label: 'the upper edge of Scarecrow' });
  await expect(point(page, /of line 1:/)).toHaveCount(0);
  await page.getByLabel('Line 1 follows').selectOption({ label: 'its own points' });
  await expect(point(page, /of line 1:/).first()).toBeVisible();

  // Or along the edge of a die of the stash, which is moved as a whole.
  await page.getByLabel('Line 1 follows').selectOption({ label: 'the edge of Dune border' });
  const firstLine = page
    .getByRole('list', { name: 'Lines between the strips' })
    .getByRole('listitem')
    .first();
  await expect(firstLine.getByLabel('from the top')).toBeVisible();
  await firstLine.getByLabel('from the top').fill('40');
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('Line 1 follows')).toHaveValue('die');

  // The turns are set by hand; strips side by side that are open together are found, and one key opens them apart.
  await page.getByRole('combobox', { name: 'Turn of strip 2' }).selectOption('2');
  await expect(
    page.getByText('lie side by side and are open together', { exact: false }),
  ).toBeVisible();
  await page.keyboard.press('e');
  await expect(turns(page)).toHaveText(
    '2 turns; strip 2 laid back on dry ink, fewer is impossible.',
  );

  await page.getByRole('button', { name: 'Keep a disc for a sun or moon' }).click();
  await page.getByRole('checkbox', { name: 'Sun in the disc' }).check();
  await expect(turns(page)).toContainText('laid back on dry ink');
  await page.getByRole('group', { name: 'Disc' }).getByLabel('across').fill('nothing at all');
  await expect(page.getByRole('group', { name: 'Disc' })).toContainText(
    '“nothing” does not belong in a figure',
  );
  await page.keyboard.press('Escape');
  await saved(page);

  await page.getByRole('button', { name: 'Back to the steps' }).click();
  const steps = page.getByRole('list', { name: 'The paper after each step' });
  await steps.getByRole('button', { name: 'strips on' }).click();
  await expect(page.getByRole('img', { name: 'All strips on the paper' })).toBeVisible();
  const pdf = await page.request.get(`/api/cards/${id}/strips.pdf?page=a4`);
  expect((await pdf.body()).subarray(0, 5).toString()).toBe('%PDF-');

  await page.getByRole('link', { name: /^Sheet/ }).click();
  await page.getByRole('button', { name: 'Stamp in this order' }).click();
  await expect(page.getByRole('main')).toContainText('Once the ink is dry, and only then, lay');
});

test('the same by keys: points are nudged, added and taken out, strips are ticked, all is undone', async ({
  page,
}) => {
  const { keyboard } = page;
  const id = await copyOf(page, 'hillside-beds');
  await page.goto(`/card/${id}/base`);
  await keyboard.press('3');
  await expect(page.getByRole('list', { name: 'The paper after each step' })).toBeVisible();
  await keyboard.press('j');
  await expect(turns(page)).toHaveText(
    '3 turns; strips 2 and 4 and the disc laid back on dry ink, fewer is impossible.',
  );
  const second = point(page, /^Point 2 of line 1:/);
  await second.focus();
  await keyboard.press('ArrowDown');
  await expect(second).toHaveAttribute('aria-label', /32 mm from the left, 47 mm from the top/);
  await keyboard.press('Shift+ArrowRight');
  await expect(second).toHaveAttribute('aria-label', /36 mm from the left, 47 mm from the top/);
  const points = point(page, /of line 1:/);
  await keyboard.press('Insert');
  await expect(points).toHaveCount(6);
  await keyboard.press('Delete');
  await expect(points).toHaveCount(5);

  // What is in no strip lies over all of the paper; a strip with nothing in it is found and mended with one key.
  const sky = page.getByRole('checkbox', { name: 'Sky in strip 1' });
  await sky.focus();
  await keyboard.press('Space');
  await expect(sky).not.toBeChecked();
  await keyboard.press('Control+z');
  await expect(sky).toBeChecked();
  await page.getByRole('checkbox', { name: 'Sky in strip 2' }).focus();
  await keyboard.press('Space');
  await sky.focus();
  await keyboard.press('Space');
  await expect(
    page.getByText('Nothing is inked in strip 1 of Hillside', { exact: false }),
  ).toBeVisible();
  await keyboard.press('e');
  await expect(
    page.getByText('Nothing is inked in strip 1 of Hillside', { exact: false }),
  ).toHaveCount(0);
  await saved(page);
  await page.reload();
  await expect(page.getByRole('list', { name: 'The paper after each step' })).toBeVisible();
  await keyboard.press('j');
  await expect(sky).toBeChecked();
});
