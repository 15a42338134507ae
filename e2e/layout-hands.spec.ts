import { choose, expect, test } from './nibwright';
import { binCopies, openLayout, ruler, saved } from './layoutPage';

test.afterEach(({ request }) => binCopies(request));

test('what lies in front, one of a group alone, and undo: nudges together, and beyond a reload', async ({
  page,
}) => {
  await openLayout(page, 'one-button');
  const rows = page.getByRole('group', { name: 'What lies on this face, front to back' });
  const names = () => rows.locator('[data-row]').allTextContents();
  await page.getByRole('button', { name: /^With all my buttons/ }).click();
  const before = await names();
  await page.keyboard.press('Alt+ArrowUp');
  await expect.poll(names).not.toEqual(before);
  await page.keyboard.press('Alt+ArrowDown');
  await expect.poll(names).toEqual(before);
  await page.getByRole('button', { name: 'Bring With all my buttons forward' }).click();
  await expect.poll(names).not.toEqual(before);
  // A row is dragged to the place of another.
  const row = (at: number) => rows.locator('[data-row]').nth(at);
  const [from, to] = [await row(0).boundingBox(), await row(1).boundingBox()];
  if (!from || !to) throw new Error('no rows to drag');
  await page.mouse.move(from.x + 60, from.y + 12);
  await page.mouse.down();
  await page.mouse.move(to.x + 60, to.y + to.height, { steps: 12 });
  await page.mouse.up();
  await expect.poll(names).toEqual(before);
  // Three nudges are one step back.
  const start = await ruler(page).textContent();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('ArrowRight');
  await expect(ruler(page)).not.toHaveText(start ?? '');
  await page.keyboard.press('Control+z');
  await expect(ruler(page)).toHaveText(start ?? '');
  await page.keyboard.press('Control+Shift+z');
  await expect(ruler(page)).not.toHaveText(start ?? '');
  const moved = await ruler(page).textContent();
  await saved(page);
  await page.reload();
  await expect(ruler(page)).toHaveText(moved ?? '');
  await page.keyboard.press('Control+z');
  await expect(ruler(page)).not.toHaveText(moved ?? '');

  // A second press takes one flower out of the wreath; the others stay.
  const button = page.locator('[data-thing]').nth(4);
  const id = (await button.getAttribute('data-thing')) ?? '';
  const others = page.locator(`[data-thing]:not([data-thing="${id}"])`);
  const outlines = () => others.evaluateAll((all) => all.map((each) => each.getAttribute('d')));
  const stood = await outlines();
  await button.dblclick();
  await expect(page.getByRole('checkbox', { name: /move it without its group/ })).toBeChecked();
  await page.keyboard.press('ArrowUp');
  await expect(page.locator(`[data-thing="${id}"]`)).toBeVisible();
  expect(await outlines()).toEqual(stood);
  await page.keyboard.press('m');
  await expect(page.getByRole('checkbox', { name: /move it without its group/ })).not.toBeChecked();
  await page.keyboard.press('ArrowUp');
  await expect.poll(outlines).not.toEqual(stood);
});

test('the face is looked at closer, moved, and shown as large as in life', async ({ page }) => {
  await openLayout(page, 'depot');
  const thing = page.locator('[data-thing]').first();
  const wide = async () => (await thing.boundingBox())?.width ?? 0;
  const whole = await wide();
  await page.keyboard.press('+');
  await page.keyboard.press('+');
  await expect.poll(wide).toBeGreaterThan(whole * 1.4);
  const at = await thing.boundingBox();
  await page.keyboard.press('ArrowLeft');
  await expect.poll(async () => (await thing.boundingBox())?.x).toBe((at?.x ?? 0) + 40);
  await page.keyboard.press('0');
  await expect.poll(wide).toBeCloseTo(whole, 1);
  // What is under the pointer stays there.
  const middle = async () => {
    const { x = 0, y = 0, width = 0, height = 0 } = (await thing.boundingBox()) ?? {};
    return { x: x + width / 2, y: y + height / 2 };
  };
  const pointed = await middle();
  await page.mouse.move(pointed.x, pointed.y);
  await page.keyboard.down('Control');
  await page.mouse.wheel(0, -300);
  await page.keyboard.up('Control');
  await expect.poll(wide).toBeGreaterThan(whole * 1.4);
  const closer = await middle();
  expect(Math.hypot(closer.x - pointed.x, closer.y - pointed.y)).toBeLessThan(3);
  await page.getByRole('button', { name: 'Whole' }).click();
  await expect.poll(wide).toBeCloseTo(whole, 1);
  await page.getByRole('button', { name: 'True size', exact: true }).click();
  const percent = page.getByRole('button', { name: /per cent of true size/ });
  await expect(percent).toHaveText('100 %');
  await percent.click();
  const slider = page.getByRole('slider', { name: 'How long' });
  await slider.press('ArrowRight');
  await page.getByRole('button', { name: 'It is so long' }).click();
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await page.keyboard.press('i');
  await expect(percent).toHaveText('100 %');
});

test('a stamp of one’s own is laid by its name and size, and swapped for another', async ({
  page,
}) => {
  await openLayout(page, 'depot');
  await page.getByRole('button', { name: 'Add an image' }).click();
  await page.getByRole('button', { name: 'Add stamps of your own' }).click();
  const dialog = page.getByRole('dialog', { name: 'Add stamps of your own' });
  await dialog.getByRole('button', { name: 'Add the stamp' }).click();
  await expect(dialog.getByRole('alert')).toContainText('A name has 1 to 60 characters.');
  await dialog.getByLabel('Name').fill(`Tin kettle ${Date.now()}`);
  await dialog.getByLabel('Size').fill('1 x 3/4');
  await dialog.getByRole('button', { name: 'Add the stamp' }).click();
  await expect(dialog).toHaveCount(0);
  await expect(page.getByRole('region', { name: /^Tin kettle .*, image$/ })).toBeVisible();
  await choose(page.getByRole('combobox', { name: 'Stamp it is printed with' }), 'Small star');
  await expect(page.getByRole('region', { name: /^Small star, image$/ })).toBeVisible();
  await saved(page);

  // Several from a list come onto the shelf, which has the keys again.
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Add an image' }).click();
  await page.getByRole('button', { name: 'Add stamps of your own' }).click();
  const list = `name,size,sort\nTin lid ${Date.now()},1 x 1,outline\nTin cup ${Date.now()},1 x 2,solid`;
  await dialog
    .getByLabel(/list/)
    .setInputFiles({ name: 'tins.csv', mimeType: 'text/csv', buffer: Buffer.from(list) });
  await dialog.getByRole('button', { name: 'Add 2 stamps' }).click();
  const shelf = page.getByRole('dialog', { name: 'Stamps' });
  await expect(shelf.locator(':focus')).toHaveCount(1);
  await expect(shelf.getByRole('button', { name: /^Tin lid/ }).first()).toBeVisible();
});
