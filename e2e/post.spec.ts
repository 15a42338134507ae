import { saved } from './layoutPage';
import { copyOf, expect, test, type Page } from './nibwright';
import { readPdf } from './readPdf';

const tab = (page: Page) => page.getByRole('link', { name: /^Post/ });
const sum = (page: Page) => page.getByRole('table', { name: /^Highest/ });
const scheme = (page: Page, name: string) => page.getByRole('region', { name, exact: true });
/** Waits until what is shown is of the card as it is now. */
const weighed = (page: Page, figure: RegExp) =>
  expect(tab(page).locator('[aria-busy=false]')).toHaveText(figure);

test('a card over its class is told why, brought back by mouse, and its sheet and supplies say how it is sent', async ({
  page,
}) => {
  const id = await copyOf(page, 'bean-poles');
  await page.goto(`/card/${id}/base`);
  await tab(page).click();
  await weighed(page, /^6\.4 mm, \d+ g$/);
  await expect(sum(page)).toContainText('Gem');
  await expect(sum(page)).toContainText('foam squares');
  const us = scheme(page, 'United States');
  await expect(us).toContainText('too thick by');
  await expect(page.getByRole('contentinfo')).toContainText('It does not go as Letter');

  // A line dragged across the chart is what the card is cut through along.
  const section = page.getByRole('img', { name: 'The card cut through along the line S' });
  const before = await section.innerHTML();
  const chart = page.getByRole('img', { name: /^The closed card from above/ });
  const box = await chart.boundingBox();
  if (!box) throw new Error('post: expected the chart to be drawn');
  await page.mouse.move(box.x + 60, box.y + 40);
  await page.mouse.down();
  await page.mouse.move(box.x + 180, box.y + 240, { steps: 4 });
  await page.mouse.up();
  await expect(section).not.toHaveJSProperty('innerHTML', before);

  await us.getByRole('button', { name: /^No gems/ }).click();
  await weighed(page, /^4\.4 mm, \d+ g$/);
  await expect(us).not.toContainText('too thick by');
  await page.getByRole('combobox', { name: 'The envelope' }).selectOption('c7');
  await expect(page.getByText(/^It does not fit: room left/)).toBeVisible();
  await expect(page.getByRole('contentinfo')).toContainText('C7 envelope is');
  await page.getByRole('button', { name: 'Take the smallest that holds it' }).click();
  await expect(page.getByText(/Room left/)).toBeVisible();

  // Made to measure: the template is read back at 1:1, and goes when an envelope is bought again.
  await page.getByRole('combobox', { name: 'The envelope' }).selectOption('made envelope');
  await expect(page.getByText(/: its blank is .* in\.$/)).toBeVisible();
  await page.getByRole('combobox', { name: 'made of' }).selectOption('chalk-300');
  await expect(page.getByRole('img', { name: 'The blank of the envelope' })).toBeVisible();
  await saved(page);
  const svg = await (await page.request.get(`/api/cards/${id}/mailer.svg`)).text();
  expect(svg).toContain('front of the envelope');
  const pdf = await page.request.get(`/api/cards/${id}/mailer.pdf?page=letter`);
  const { pages } = await readPdf(await pdf.body());
  expect(pages.map(({ size }) => size)).toEqual([[612, 792]]);
  await page.getByRole('combobox', { name: 'The envelope' }).selectOption('smallest');
  await saved(page);
  const bought = await page.request.get(`/api/cards/${id}/mailer.svg`);
  expect(bought.status()).toBe(422);

  await page.getByRole('link', { name: /^Sheet/ }).click();
  const post = page.getByRole('article').locator('section', {
    has: page.getByRole('heading', { name: 'Post' }),
  });
  await expect(post).toContainText('Height of the closed card: 4.4 mm = ');
  await expect(post).toContainText(/Germany: Compact letter \(rules as of \w+ 2026/);
  await page.getByRole('button', { name: 'Supplies', exact: true }).click();
  await expect(page.getByRole('row', { name: /envelope, C6/i })).toBeVisible();
});

test('by keys alone: the section is turned and moved, a cheaper class taken, undone; a wrong weight is refused', async ({
  page,
}) => {
  const id = await copyOf(page, 'rain-day');
  await page.goto(`/card/${id}/base`);
  await page.keyboard.press('7');
  await weighed(page, /^5 mm, \d+ g$/);
  const uk = scheme(page, 'United Kingdom');
  await expect(uk).toContainText('too thick by');
  const section = page.getByRole('img', { name: 'The card cut through along the line S' });
  const wide = await section.getAttribute('width');
  await page.keyboard.press('x');
  await expect(section).not.toHaveAttribute('width', wide ?? '');
  const still = await section.innerHTML();
  await page.keyboard.press('Shift+ArrowRight');
  await page.keyboard.press('Shift+ArrowRight');
  await expect(section).not.toHaveJSProperty('innerHTML', still);

  await expect(uk.getByRole('button', { name: /^Thin foam for foam squares/ })).toBeVisible();
  await page.keyboard.press('c');
  await weighed(page, /^4\.5 mm, \d+ g$/);
  await expect(uk).not.toContainText('too thick by');
  await page.keyboard.press('ControlOrMeta+z');
  await weighed(page, /^5 mm, \d+ g$/);

  const add = page.getByRole('button', { name: 'Put something in with it' });
  await add.focus();
  await page.keyboard.press('Enter');
  await page.getByRole('textbox', { name: 'What is put in' }).focus();
  await page.keyboard.type('A photograph');
  await page.keyboard.press('Enter');
  const grams = page.getByRole('textbox', { name: 'Grams of A photograph' });
  await grams.focus();
  await grams.fill('heavy');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('alert')).toHaveText('It weighs 0 to 1000 g.');
  await grams.fill('12,5');
  await page.keyboard.press('Enter');
  await weighed(page, /^5 mm, 3\d g$/);
  await saved(page);
});

test('a price and a limit told on the Team page count on Post and in the buying list', async ({
  page,
}) => {
  const id = await copyOf(page, 'bean-poles');
  await page.goto('/team');
  const postage = page.getByRole('region', { name: 'Postage' });
  const price = postage.getByRole('textbox', { name: 'One Letter, not machinable costs' });
  await price.fill('dear');
  await price.press('Enter');
  await expect(postage.getByText('A price such as 0.45, or nothing.')).toBeVisible();
  await price.fill('1.19');
  await price.press('Enter');
  await expect(page.getByRole('status').filter({ hasText: 'Saved' })).toBeVisible();
  const thickest = postage.getByRole('textbox', { name: 'Thickest Letter, not machinable' });
  await thickest.fill('0.5');
  await thickest.press('Enter');
  await expect(postage.getByLabel('Letter, not machinable was told on')).toBeVisible();
  await expect(page.getByRole('main')).toHaveAttribute('aria-busy', 'false');
  await page.goto(`/card/${id}/post`);
  const us = scheme(page, 'United States');
  await expect(us).toContainText(/1\.19 each, told \d+ \w+ \d{4}; limits told/);
  await page.goto(`/buying?cards=${id}`);
  const list = page.getByRole('article', { name: 'Buying list' });
  await expect(list).toContainText(/United States: Letter, not machinable\s*1 piece/);
  await expect(list).toContainText('1.19');
  // The house is one for all tests of a worker: it is left as it was.
  await page.goto('/team');
  await thickest.fill('');
  await thickest.press('Enter');
  await price.fill('');
  await price.press('Enter');
  await expect(postage.getByLabel('Letter, not machinable was told on')).toBeHidden();
});
