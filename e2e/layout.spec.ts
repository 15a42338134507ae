import { choose, expect, test } from './nibwright';
import { binCopies, binLater, openLayout, ruler, saved } from './layoutPage';

test.afterEach(({ request }) => binCopies(request));

test('by mouse: an image is taken from the shelf, dragged to the middle, and kept', async ({
  page,
}) => {
  const id = await openLayout(page, 'depot');
  await page.getByRole('button', { name: 'Add an image' }).click();
  await page.getByLabel('Search the stamps').fill('star');
  await page.getByRole('button', { name: /^Small star/ }).click();
  await expect(ruler(page)).toContainText('from the left');
  // What is taken from the shelf is selected, and the address says so.
  await page.waitForURL(/[?&]piece=/);
  const star = new URL(page.url()).searchParams.get('piece') ?? '';
  const box = await page.locator(`[data-thing="${star}"]`).boundingBox();
  if (!box) throw new Error('no star on the table');
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  await expect(async () => {
    await page.mouse.move(x + 40, y + 60);
    await page.mouse.move(x + 40, y + 70);
    await expect(page.getByLabel('Place down', { exact: true })).toHaveValue(/top|bottom/, {
      timeout: 1000,
    });
  }).toPass();
  // Three pixels off the middle, it snaps to it.
  await page.mouse.move(x + 3, y + 70, { steps: 3 });
  await page.mouse.up();
  await expect(page.getByLabel('Place across', { exact: true })).toHaveValue('centre');
  await saved(page);
  await page.reload();
  await expect(page.getByLabel('Place across', { exact: true })).toHaveValue('centre');
  await page.goto(`/card/${id}/sheet`);
  await expect(async () => {
    await page.getByRole('button', { name: 'Where it goes' }).click();
    await expect(page.getByRole('heading', { name: /Where it all goes/ })).toBeVisible({
      timeout: 1000,
    });
  }).toPass();
  await expect(page.getByRole('row', { name: /Small star/ })).toContainText('from the left');
});

test('by keys alone: words are added, typed, moved, turned, laid in a free place', async ({
  page,
}) => {
  await openLayout(page, 'one-button');
  await page.keyboard.press('f');
  await page.keyboard.press('t');
  await expect(page.getByLabel('Words, a line each')).toHaveValue('with love');
  // The words are open for typing, what stands there chosen.
  await page.keyboard.type('made for you');
  await expect(page.getByLabel('Words, a line each')).toHaveValue('made for you');
  await page.keyboard.press('Tab');
  await page.evaluate(() => (document.activeElement as HTMLElement).blur());
  await page.keyboard.press('ArrowUp');
  await expect(page.getByLabel('Place down', { exact: true })).toHaveValue('top');
  const before = await page.getByLabel('Place down, distance').inputValue();
  await page.keyboard.press('ArrowUp');
  await expect(page.getByLabel('Place down, distance')).not.toHaveValue(before);
  await page.keyboard.press('.');
  await expect(page.getByLabel('Turned, in degrees')).toHaveValue('1');
  await expect(page.getByText(/slopes by 1°/)).toBeVisible();
  await page.keyboard.press('e');
  await expect(page.getByLabel('Turned, in degrees')).toHaveValue('0');
  await page.keyboard.press('p');
  await expect(page.getByText(/places? (is|are) free for/)).toBeVisible();
  await page.keyboard.press('y');
  await expect(page.getByLabel('Place across', { exact: true })).toHaveValue('centre');
  await expect(page.getByLabel('Place down', { exact: true })).toHaveValue('centre');
  await expect(page.getByRole('status').filter({ hasText: 'Words,' })).toHaveCount(1);
  await page.keyboard.press('Delete');
  await expect(page.getByLabel('Words, a line each')).toHaveCount(0);
  await page.keyboard.press('Control+z');
  await expect(page.getByRole('button', { name: /^“made for you” words/ })).toBeVisible();
});

test('words are put on the smallest label that holds them', async ({ page }) => {
  await openLayout(page, 'one-button');
  await page.getByRole('button', { name: /^With all my buttons/ }).click();
  await page.getByRole('button', { name: 'Label…' }).click();
  const labels = page.getByRole('dialog').getByRole('list').last().getByRole('listitem');
  await expect(labels.first()).toBeVisible();
  await labels.first().getByRole('button').click();
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await expect(page.getByLabel('What it lies on')).not.toHaveValue('face');
  await expect(page.getByText(/is too large for|keeps .* of /)).toHaveCount(0);
  await expect(page.getByRole('button', { name: /Label die cut/ })).toBeVisible();

  // Or on a plain strip with its mat, one border all round.
  await page.keyboard.press('Control+z');
  await page.getByRole('button', { name: 'Label…' }).click();
  await page
    .getByRole('dialog')
    .getByRole('button', { name: /strip on a mat/ })
    .click();
  await expect(page.getByRole('button', { name: /^\w Strip/ })).toContainText('panel');
  await expect(page.getByRole('button', { name: /^\w Mat of the strip/ })).toBeVisible();
});

test('wrong figures get a sentence and change nothing', async ({ page }) => {
  await openLayout(page, 'bean-poles');
  await page.getByRole('button', { name: /Bean wigwam/ }).click();
  await page.getByLabel('Turned, in degrees').fill('500');
  await page.getByLabel('Turned, in degrees').press('Enter');
  await expect(page.getByRole('alert')).toContainText('-180 to 180');
  await page.getByLabel('Turned, in degrees').fill('0');
  await page.getByLabel('Turned, in degrees').press('Enter');
  await page.getByLabel('Place down, distance').fill('3/8 q');
  await expect(page.getByRole('alert')).toBeVisible();
  await page.getByLabel('Place down, distance').press('Escape');
  await expect(ruler(page)).toContainText('5⁄16');
  await page.keyboard.press('Escape');
  await page.evaluate(() => (document.activeElement as HTMLElement).blur());
  await page.keyboard.press('t');
  await page.getByLabel('Words, a line each').fill('   ');
  await expect(page.getByRole('alert')).toContainText('at least one letter');
});

test('a wreath and a scatter are laid as groups that keep off the words', async ({ page }) => {
  await openLayout(page, 'one-button');
  await page.getByRole('button', { name: /^hanging 10 pieces/ }).click();
  await expect(page.getByText('10 things selected')).toBeVisible();
  await page.getByRole('button', { name: 'Remove all' }).click();
  await page.getByRole('button', { name: /^With all my buttons/ }).click();
  // A ring needs room on all sides of them.
  await page.keyboard.press('v');
  await expect(page.getByLabel('Place down', { exact: true })).toHaveValue('centre');
  await page.getByRole('button', { name: 'Arrange images…' }).click();
  await choose(page.getByLabel('Large pieces', { exact: true }), 'Dog rose');
  await choose(page.getByLabel('Medium pieces', { exact: true }), 'Hedge aster');
  await choose(page.getByLabel('Small pieces', { exact: true }), 'Small leaf');
  // What would be laid is seen on the card meanwhile, and is gone again where it is not laid.
  const things = page.locator('[data-thing]');
  const lay = page.getByRole('button', { name: /^Lay \d+ pieces/ });
  const count = Number(/\d+/.exec(await lay.innerText())?.[0]);
  expect(count).toBeGreaterThan(5);
  const shown = await things.count();
  await page.getByRole('button', { name: 'Cancel' }).click();
  await expect(things).toHaveCount(shown - count);
  await expect(page.getByRole('button', { name: 'Arrange images…' })).toBeFocused();
  await page.keyboard.press('Enter');
  await lay.click();
  await expect(page.getByText(/^\d+ things selected/)).toBeVisible();
  await page.getByRole('button', { name: 'Scatter…' }).click();
  await page.getByRole('button', { name: 'Scatter 31 dots' }).click();
  await expect(
    page.getByRole('button', { name: /^dots 5 of 1⁄8, 9 of 3⁄32 and 17 of 1⁄16 in/ }),
  ).toBeVisible();
  await expect(page.getByText(/is covered by/)).toHaveCount(0);
  await saved(page);
});

test('several things are lined up and spaced evenly', async ({ page }) => {
  await openLayout(page, 'bean-poles');
  const gem = (index: number) => page.getByRole('button', { name: /^Gem \d gem/ }).nth(index);
  await gem(0).click();
  await gem(1).click({ modifiers: ['Shift'] });
  await gem(2).click({ modifiers: ['Shift'] });
  await expect(page.getByText('3 things selected')).toBeVisible();
  await page.getByRole('button', { name: 'tops', exact: true }).click();
  await page.getByRole('button', { name: 'across', exact: true }).click();
  const tops = await page
    .locator('[data-thing^="gem"]')
    .evaluateAll((all) => all.map((each) => Math.round(each.getBoundingClientRect().top)));
  expect(new Set(tops).size).toBe(1);
});

test('the jig is taken along as SVG and PDF, of what was just done', async ({ page }) => {
  await openLayout(page, 'bean-poles');
  await page.keyboard.press('g');
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'PDF A4' }).click(),
  ]);
  expect(download.suggestedFilename()).toBe('Bean-poles-for-a-neighbour-copy-front-jig-a4.pdf');
});

test('words come out as wide as the browser sets them', async ({ page }) => {
  await openLayout(page, 'one-button');
  for (const [lettering, font] of [
    ['clarendon', '"Besley Variable"'],
    ['hand', 'Caveat'],
    ['plain', '"Source Sans 3 Variable"'],
  ] as const) {
    const file = await page.request.post('/api/compute/places', {
      data: {
        file: await (await page.request.get('/api/cards/one-button/card.nibwright.json')).json(),
        words: { lines: ['Hull number nine'], lettering, xHeight: { ticks: 50_800 } },
      },
    });
    const { size } = (await file.json()) as { size: { width: number; height: number } };
    // The browser measures the ink of the same letters with the font that ships, without kerning.
    const ratio = await page.evaluate(async (family) => {
      await document.fonts.load(`600 200px ${family}`);
      const context = document.createElement('canvas').getContext('2d');
      if (!context) throw new Error('no canvas');
      context.font = `600 200px ${family}`;
      context.fontKerning = 'none';
      const inkOf = (text: string) => {
        const { actualBoundingBoxLeft, actualBoundingBoxRight } = context.measureText(text);
        return actualBoundingBoxLeft + actualBoundingBoxRight;
      };
      const { actualBoundingBoxAscent, actualBoundingBoxDescent } =
        context.measureText('Hull number nine');
      return inkOf('Hull number nine') / (actualBoundingBoxAscent + actualBoundingBoxDescent);
    }, font);
    expect(size.width / size.height / ratio).toBeGreaterThan(0.98);
    expect(size.width / size.height / ratio).toBeLessThan(1.02);
  }
});

test('an outline comes in from a drawing at its true size, a wrong one gets a reason', async ({
  page,
}) => {
  const file = (name: string, text: string) => ({
    name,
    mimeType: 'image/svg+xml',
    buffer: Buffer.from(text),
  });
  await page.goto('/stash');
  const drawing = page.getByLabel('Drawing (SVG)');
  await expect(async () => {
    await page.getByRole('button', { name: 'Outline…' }).click();
    await expect(drawing).toBeVisible({ timeout: 1000 });
  }).toPass();
  await drawing.setInputFiles(file('bad.svg', '<svg><script>1</script></svg>'));
  await expect(page.getByRole('alert')).toContainText('script');
  await drawing.setInputFiles(
    file(
      'acorn cup.svg',
      '<svg xmlns="http://www.w3.org/2000/svg" width="2in" height="1in" viewBox="0 0 20 10"><path d="M0 0h20v10h-20z"/></svg>',
    ),
  );
  await expect(page.getByLabel('Name')).toHaveValue('acorn cup');
  await expect(page.getByText('as the file says')).toBeVisible();
  await page.getByRole('button', { name: 'Add it' }).click();
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await openLayout(page, 'low-water');
  await page.keyboard.press('s');
  await page.getByLabel('Search the dies').fill('acorn');
  await page.getByRole('button', { name: /^acorn cup/ }).click();
  await expect(page.getByRole('region', { name: /acorn cup, die cut/ })).toContainText(
    '50.8 × 25.4',
  );
});

test('by keys: a stencil is laid over a panel, an image cut out, carried to another card, and the design tried as a slimline', async ({
  page,
}) => {
  await openLayout(page, 'depot');
  await page.keyboard.press('n');
  await page.keyboard.press('x');
  await page.getByLabel('Search the stencils').fill('mooring');
  await page.keyboard.press('Tab');
  await page.keyboard.press('Tab');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('region', { name: /stencilling$/ })).toBeVisible();
  await expect(page.getByRole('list', { name: 'How it is laid down' })).toContainText('Lay it:');
  await saved(page);
  await page
    .locator('[data-thing]')
    .last()
    .focus()
    .catch(() => undefined);
  // The tram, by the rows of the list.
  await page
    .getByRole('button', { name: /^Number nine tram|tram image/i })
    .first()
    .focus();
  await page.keyboard.press('Enter');
  await page.keyboard.press('o');
  await expect(page.getByRole('region', { name: /die cut$/ })).toBeVisible();
  await page.keyboard.press('Control+c');
  await expect(page.getByText(/copied; Ctrl V puts it down/)).toBeVisible();
  await openLayout(page, 'low-water');
  const before = await page.locator('[data-thing]').count();
  await page.keyboard.press('Control+v');
  await expect(page.locator('[data-thing]')).toHaveCount(before + 2);
  await saved(page);
  await page.keyboard.press('q');
  await expect(page.getByRole('region', { name: 'What is done' })).toContainText('made anew');
  await page.getByRole('button', { name: 'Make it a new card' }).focus();
  await page.keyboard.press('Enter');
  await expect(
    page.getByRole('link', { name: /^Base 8 1⁄2 × 3 1⁄2|^Base 215\.9 × 88\.9/ }),
  ).toBeVisible();
  binLater(new URL(page.url()).pathname.split('/')[2] ?? '');
});

test.describe('by touch', () => {
  test.use({ hasTouch: true });

  test('a piece is taken and dragged with a finger, and kept where it is let go', async ({
    page,
    context,
  }) => {
    await openLayout(page, 'depot');
    const box = await page.locator('[data-thing=tram]').boundingBox();
    if (!box) throw new Error('no tram on the table');
    const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
    const finger = await context.newCDPSession(page);
    const touch = (type: 'touchStart' | 'touchMove' | 'touchEnd', down: number) =>
      finger.send('Input.dispatchTouchEvent', {
        type,
        touchPoints: type === 'touchEnd' ? [] : [{ x, y: y - down }],
      });
    await touch('touchStart', 0);
    await expect(page.getByRole('region', { name: /^Number nine tram/ })).toBeVisible();
    const before = await ruler(page).textContent();
    for (const down of [20, 60, 110]) await touch('touchMove', down);
    await touch('touchEnd', 110);
    await expect(ruler(page)).not.toHaveText(before ?? '');
    await saved(page);
    const after = await page.locator('[data-thing=tram]').boundingBox();
    expect(box.y - (after?.y ?? box.y)).toBeGreaterThan(90);
  });
});
