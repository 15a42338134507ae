import { AxeBuilder } from '@axe-core/playwright';
import { expect, test, type Page, untilQuiet } from './nibwright';

// None of these changes a card, so the workers may share them.
test.describe.configure({ mode: 'parallel' });

const screens = [
  { name: 'the Ledge', path: '/' },
  { name: 'the Base station', path: '/card/bean-poles/base?piece=dark-mat' },
  { name: 'a card with findings', path: '/card/shed-door/base?piece=top-panel' },
  { name: 'the Layout station', path: '/card/rain-day/layout?piece=shed-cut' },
  { name: 'words on the Layout', path: '/card/number-nine/layout?piece=list' },
  { name: 'the Colour station', path: '/card/lighthouse-keeper/colour?piece=dawn' },
  { name: 'a part coloured by hand', path: '/card/last-tram-home/colour?piece=tram' },
  { name: 'the Steps station', path: '/card/beans-before-the-shed/steps' },
  { name: 'the Post station', path: '/card/rain-day/post' },
  { name: 'the Sheet station', path: '/card/bean-poles/sheet' },
  { name: 'the Cut station', path: '/card/bean-poles/cut' },
  { name: 'the Stash', path: '/stash' },
  { name: 'the buying list', path: '/buying?release=allotment-row' },
  { name: 'the revisions', path: '/card/bean-poles/revisions' },
  { name: 'the Team page', path: '/team' },
  { name: 'a gate fold', path: '/card/harbour-gate/base?piece=boat-panel' },
  { name: 'a flat card', path: '/card/low-water/base?piece=address-label' },
  { name: 'a trimmed panel', path: '/card/terminus/base?piece=skyline-panel' },
  { name: 'a piece by die', path: '/card/lighthouse-keeper/base?piece=cove-panel' },
  { name: 'a mat built outward', path: '/card/row-markers/base?piece=mat' },
  { name: 'a Ledge where nothing is found', path: '/?q=no+such+card' },
  { name: 'an address that is not there', path: '/card/nothing-here/base' },
];

async function expectNoViolations(page: Page) {
  // Nothing is framed here, so axe needs no second page to gather what it found in frames; that page takes as long as the rules.
  const { violations } = await new AxeBuilder({ page }).setLegacyMode(true).analyze();
  expect(violations.map(({ id, nodes }) => `${id}: ${nodes[0]?.html}`)).toEqual([]);
}

for (const { name, path } of screens)
  test(`${name} opens without a fault, and axe finds nothing on it`, async ({ page }) => {
    const faults: string[] = [];
    page.on('pageerror', (error) => faults.push(error.message));
    page.on('console', (message) => {
      if (message.type() === 'error' && !message.text().includes('404'))
        faults.push(message.text());
    });
    await page.goto(path);
    await expect(page.getByRole('heading').or(page.getByRole('navigation')).first()).toBeVisible();
    await untilQuiet(page);
    await expectNoViolations(page);
    expect(faults).toEqual([]);
  });

/** Presses a key at the Steps station, once there are steps. */
async function atSteps(page: Page, key: string): Promise<void> {
  await expect(page.getByRole('group', { name: 'The work along time' })).toBeVisible();
  await page.keyboard.press(key);
}

const openings: readonly {
  readonly name: string;
  readonly path: string;
  readonly open: (page: Page) => Promise<void>;
}[] = [
  {
    name: 'a print of the Masks station unfolded',
    path: '/card/beans-before-the-shed/masks?piece=beans',
    open: (page) => expect(page.getByRole('heading', { name: /to mask/ })).toBeVisible(),
  },
  {
    name: 'all findings',
    path: '/card/shed-door/base',
    open: (page) => page.getByRole('button', { name: /^All findings/ }).click(),
  },
  {
    name: 'a refused figure',
    path: '/card/bean-poles/base?piece=dark-mat',
    open: (page) => page.getByLabel('all round').fill('1/8 q'),
  },
  {
    name: 'the stages of a batch',
    path: '/card/beans-before-the-shed/steps',
    open: async (page) => {
      await atSteps(page, 'c');
      await expect(page.getByRole('region', { name: '12 copies, by stage' })).toBeVisible();
    },
  },
  {
    name: 'what more copies take',
    path: '/card/beans-before-the-shed/steps',
    open: async (page) => {
      await atSteps(page, 'm');
      const view = page.getByRole('region', { name: 'What more copies take' });
      await expect(view.getByRole('row')).toHaveCount(25);
    },
  },
  {
    name: 'two cards together',
    path: '/card/beans-before-the-shed/steps',
    open: async (page) => {
      await atSteps(page, 't');
      const view = page.getByRole('region', { name: 'Together with another card' });
      await view.getByRole('combobox').selectOption({ value: 'rain-day' });
      await expect(view.getByRole('table')).toBeVisible();
    },
  },
  {
    name: 'the bench',
    path: '/card/rain-day/steps',
    open: async (page) => {
      await atSteps(page, 'b');
      await expect(page.getByRole('region', { name: 'At the bench' })).toBeVisible();
    },
  },
  {
    name: 'the sheet for filming',
    path: '/card/bean-poles/sheet',
    open: (page) => page.getByRole('button', { name: 'For filming' }).click(),
  },
  {
    name: 'the supplies of a card',
    path: '/card/bean-poles/sheet',
    open: (page) => page.getByRole('button', { name: 'Supplies', exact: true }).click(),
  },
  {
    name: 'a paper of the stash unfolded',
    path: '/stash',
    open: (page) => page.getByRole('button', { name: 'Bean row paper 160 g' }).click(),
  },
  {
    name: 'each side and a place from an edge',
    path: '/card/number-nine/base?piece=lamp-strip',
    open: (page) => page.getByRole('button', { name: 'Each side' }).click(),
  },
];

for (const { name, path, open } of openings)
  test(`axe finds nothing where this is open: ${name}`, async ({ page }) => {
    await page.goto(path);
    await untilQuiet(page);
    await open(page);
    await expectNoViolations(page);
  });
