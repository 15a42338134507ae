import AxeBuilder from '@axe-core/playwright';
import { choose, expect, test, type Page, untilQuiet } from './nibwright';

interface Opening {
  readonly name: string;
  readonly open: (page: Page) => Promise<unknown>;
}

const press = (key: string) => (page: Page) => page.keyboard.press(key);
const click = (name: string | RegExp) => (page: Page) =>
  page.getByRole('button', { name, exact: typeof name === 'string' }).click();

/** Every dialog of a page that can be opened without changing anything. */
const pages: readonly {
  readonly page: string;
  readonly path: string;
  readonly dialogs: readonly Opening[];
}[] = [
  {
    page: 'the Ledge',
    path: '/',
    dialogs: [
      { name: 'New card', open: press('n') },
      { name: 'Bin', open: click(/^Bin/) },
      { name: 'Keys', open: press('?') },
      {
        name: 'Move “Bean poles for a neighbour”',
        open: async (page) => {
          await page.locator('[data-card=bean-poles] > a').focus();
          await page.keyboard.press('m');
        },
      },
    ],
  },
  {
    page: 'the Base station',
    path: '/card/rain-day/base',
    dialogs: [
      { name: 'Habits of this card', open: click('Habits') },
      { name: 'Try this design as another format', open: press('q') },
      {
        name: 'Add a stock to the stash',
        open: async (page) => await choose(page.getByLabel('Base stock'), 'Add a stock…'),
      },
      {
        name: 'Add a release',
        open: (page) => page.getByLabel('Release', { exact: true }).selectOption('+'),
      },
    ],
  },
  {
    page: 'a layer cut by a die',
    path: '/card/lighthouse-keeper/base?piece=cove-panel',
    dialogs: [
      {
        name: 'Add nested dies',
        open: async (page) => await choose(page.getByLabel('Set of dies'), 'Add nested dies…'),
      },
    ],
  },
  {
    page: 'the Layout station',
    path: '/card/one-button/layout?piece=greeting',
    dialogs: [
      { name: 'Stamps', open: press('a') },
      { name: 'Dies', open: press('s') },
      { name: 'Stencils', open: press('x') },
      { name: 'Arrange images', open: click('Arrange images…') },
      { name: 'Scatter dots', open: click('Scatter…') },
      { name: 'A label for With all my buttons', open: click('Label…') },
      { name: 'True size on this screen', open: click(/^Drawn at/) },
      {
        name: 'Add stamps of your own',
        open: async (page) => {
          await page.keyboard.press('a');
          await click('Add stamps of your own')(page);
        },
      },
    ],
  },
  {
    page: 'the Stash',
    path: '/stash',
    dialogs: [
      { name: 'Add to the stash', open: press('a') },
      { name: 'Take a CSV file into the stash', open: click('Import CSV') },
      { name: 'From a drawing', open: click('Outline…') },
    ],
  },
];

for (const { page: where, path, dialogs } of pages)
  test(`every dialog of ${where} is told by its name, holds the focus and leaves it in the page; axe finds nothing`, async ({
    page,
  }) => {
    await page.goto(path);
    await untilQuiet(page);
    expect(dialogs.length).toBeGreaterThan(0);
    for (const { name, open } of dialogs) {
      await open(page);
      const dialog = page.getByRole('dialog', { name, exact: true });
      await expect(dialog).toMatchAriaSnapshot(`- heading "${name}" [level=2]`);
      await expect(dialog.locator(':focus')).toHaveCount(1);
      const { violations } = await new AxeBuilder({ page }).analyze();
      expect(violations.map(({ id, nodes }) => `${name}: ${id}: ${nodes[0]?.html}`)).toEqual([]);
      await page.keyboard.press('Escape');
      await expect(page.getByRole('dialog')).toHaveCount(0);
      await expect
        .poll(() => page.evaluate(() => document.activeElement !== document.body))
        .toBe(true);
    }
  });
