import { saved } from './layoutPage';
import { makeCard } from './makeCard';
import { copyOf, expect, test, type Page } from './nibwright';

const heading = (page: Page) => page.getByRole('heading', { name: /to mask|has to be masked/ });
const prints = (page: Page) =>
  page.getByRole('group', { name: 'Prints in the order they are made' });
const strip = (page: Page) => page.getByRole('list', { name: 'The paper after each step' });
/** Waits until what is shown is of the card as it is now. */
const worked = (page: Page) =>
  expect(page.getByRole('link', { name: /^Masks/ }).locator('[aria-busy=false]')).toHaveText(
    /masks?$/,
  );
/** The names of the prints, as they are made. */
const order = async (page: Page) =>
  (
    await prints(page)
      .getByRole('button', { name: /outline|words|laid/ })
      .allTextContents()
  ).map((text) => text.replace(/^\d+/, '').replace(/(outline|words|laid).*$/, ''));

test('a bean row card is worked from nothing by mouse: who is in front, what is masked, and the templates', async ({
  page,
}) => {
  await makeCard(page, {
    ...{ id: 'beans', title: 'Beans by mouse', by: 'ines', release: 'Allotment Row', unit: 'mm' },
    ...{ format: 'A6', stands: 'lying', fold: 'tent', stock: 'Lovage 216 g', status: 'planned' },
    ...{ occasion: 'summer', techniques: 'masking' },
    layers: [{ name: 'Garden', stock: 'Chalk 216 g', size: { own: '118 mm; 60 mm' } }],
    uses: [],
  });
  await page.getByRole('link', { name: /^Layout/ }).click();
  const table = page.getByRole('group', { name: 'What lies on this face, front to back' });
  for (const [name, find] of [
    ['Potting shed', 'shed'],
    ['Barrow', 'barrow'],
    ['Bean row', 'bean row'],
  ] as const) {
    await table.getByRole('button', { name: /^B ?Garden/ }).click();
    await page.getByRole('button', { name: 'Add an image' }).click();
    await page.getByLabel('Search the stamps').fill(find);
    await page
      .getByRole('button', { name: new RegExp(`^${name}`) })
      .first()
      .click();
    await expect(table.getByRole('button', { name: new RegExp(`^${name}`) })).toBeVisible();
  }
  await saved(page);

  await page.getByRole('link', { name: /^Masks/ }).click();
  await expect(heading(page)).toContainText('fewer is impossible with these places');
  await worked(page);
  // The bean row was added last: it lies in front, and is stamped first.
  expect((await order(page))[0]).toBe('Bean row');
  await expect(page.getByRole('link', { name: /^Masks/ })).toContainText(/\d masks?/);
  const steps = strip(page).getByRole('button');
  await steps.first().click();
  await expect(page.getByRole('img', { name: 'After Bean row' })).toBeVisible();
  await steps.nth(1).click();
  await expect(page.getByRole('img', { name: 'Mask A on Bean row' })).toBeVisible();

  // The shed is brought in front: what that does to the masks is said on the button, and is so afterwards.
  await prints(page)
    .getByRole('button', { name: /^\d+ ?Potting shed/ })
    .click();
  const turn = page.getByRole('button', { name: /^Potting shed first, \d/ }).first();
  const said = /\d+ images? to mask/.exec((await turn.textContent()) ?? '')?.[0] ?? '?';
  await turn.click();
  await expect(heading(page)).toContainText(said);
  await worked(page);
  await page.keyboard.press('Control+z');
  await expect(heading(page)).toContainText('fewer is impossible with these places');

  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'PDF A4' }).click(),
  ]);
  expect(file.suggestedFilename()).toMatch(/masks.*\.pdf$/);

  await page.getByRole('link', { name: /^Sheet/ }).click();
  await page.getByRole('button', { name: 'Stamp in this order' }).click();
  const main = page.getByRole('main');
  await expect(main).toContainText('Stamp Bean row.');
  await expect(main).toContainText('Once it is dry, lay mask A on Bean row');
});

test('the same by keys: the steps are walked, a wrong order is said and mended with one key, a move saves a mask', async ({
  page,
}) => {
  const { keyboard } = page;
  const id = await copyOf(page, 'beans-before-the-shed');
  await page.goto(`/card/${id}/base`);
  await keyboard.press('3');
  await expect(heading(page)).toContainText('2 images to mask; fewer is impossible');
  await expect(page.getByRole('img', { name: 'Mask A on Bean row' })).toBeVisible();
  await keyboard.press('ArrowRight');
  await expect(page.getByRole('img', { name: 'After Barrow 2' })).toBeVisible();
  await keyboard.press('Home');
  await expect(page.getByRole('img', { name: 'Tape round Sky' })).toBeVisible();
  await keyboard.press('End');
  await expect(page.getByRole('img', { name: 'After what the garden said' })).toBeVisible();

  // The left barrow before the beans: with the shed between them that goes round in a circle.
  const barrow = prints(page).getByRole('button', { name: /^\d+ ?Barrow 1/ });
  // Sky, bean row, right barrow, shed, left barrow.
  for (let down = 0; down < 5; down++) await keyboard.press('ArrowDown');
  await expect(barrow).toHaveAttribute('aria-expanded', 'true');
  await keyboard.press('t');
  await expect(page.getByText(/each have to be stamped before the next/)).toBeVisible();
  await expect(page.getByRole('button', { name: 'Stamp them as they lie' })).toBeVisible();
  await keyboard.press('e');
  await expect(heading(page)).toContainText('2 images to mask; fewer is impossible');
  await expect(page.getByText(/each have to be stamped before the next/)).toHaveCount(0);

  // A move that saves a mask, found by itself, is one key; so is what crosses.
  await expect(page.getByRole('button', { name: /^Move Barrow 1 left/ })).toBeVisible();
  await keyboard.press('m');
  await expect(heading(page)).toContainText('1 image to mask; fewer is impossible');
  await keyboard.press('x');
  await expect(prints(page)).toContainText('they cross, as you decided');
  await keyboard.press('x');
  await expect(prints(page)).not.toContainText('they cross, as you decided');

  // Earlier by Alt and an arrow: decided, kept, and undone.
  await worked(page);
  const before = await order(page);
  await keyboard.press('Alt+ArrowUp');
  await expect(async () => expect(await order(page)).not.toEqual(before)).toPass();
  await saved(page);
  await keyboard.press('Control+z');
  await expect(async () => expect(await order(page)).toEqual(before)).toPass();
});

test('what cannot be is said in a sentence, and loses nothing', async ({ page }) => {
  const id = await copyOf(page, 'beans-before-the-shed');
  await page.goto(`/card/${id}/masks?piece=beans`);
  await expect(heading(page)).toContainText('2 images to mask');
  const inset = page.getByLabel('Inside the line');
  await inset.fill('half of it');
  await inset.press('Enter');
  await expect(page.getByRole('alert')).toBeVisible();
  await inset.press('Escape');
  await expect(inset).toHaveValue('0.5');
  // So far inside that nothing is left to cut: nothing can be covered, and that is found.
  await inset.fill('40');
  await inset.press('Enter');
  await expect(page.getByRole('heading', { name: 'Nothing has to be masked' })).toBeVisible();
  await expect(page.getByText(/too spindly for a mask/).first()).toBeVisible();
  const reply = await page.request.get(`/api/cards/${id}/masks.pdf?page=a4`);
  await saved(page);
  expect(reply.status()).toBeLessThan(500);
  await page.keyboard.press('Control+z');

  // A card on which nothing meets says so, and prints no masks.
  const plain = await copyOf(page, 'row-markers');
  await page.goto(`/card/${plain}/masks`);
  await expect(page.getByRole('heading', { name: 'Nothing has to be masked' })).toBeVisible();
  const refused = await page.request.get(`/api/cards/${plain}/masks.svg`);
  expect(refused.status()).toBe(422);
  expect(await refused.text()).toContain('Nothing on this card has to be masked');
});

test('a mask is kept with its stamp for the next card, and a stamp is marked with what one sees through', async ({
  page,
}) => {
  const id = await copyOf(page, 'pantry-shelf');
  await page.goto(`/card/${id}/masks`);
  await page.getByRole('button', { name: 'Keep it with its stamp' }).click();
  await expect(page.getByText('Kept with its stamp:', { exact: false })).toBeVisible();
  const next = await copyOf(page, 'pantry-shelf');
  await page.goto(`/card/${next}/masks`);
  await expect(page.getByText('One is kept with its stamp', { exact: false })).toBeVisible();
  await page.getByRole('button', { name: 'It is not there any more' }).click();
  await expect(page.getByText('One is kept with its stamp', { exact: false })).toHaveCount(0);

  // What is open in the jar needs no mask: the jars behind it are seen in it.
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('p');
  await page.getByRole('button', { name: 'Area 1', exact: true }).click();
  await page.getByRole('button', { name: 'Keep what is open' }).click();
  await expect(page.getByRole('button', { name: 'What is open in it (1)' })).toBeVisible();
  await saved(page);
});
