import { AxeBuilder } from '@axe-core/playwright';
import { expect, test, type Page } from '@playwright/test';

const screens = [
  { name: 'the Ledge', path: '/' },
  { name: 'the Base station', path: '/card/bean-poles/base?piece=mat-d' },
  { name: 'a card with findings', path: '/card/shed-door/base?piece=top' },
  { name: 'the Sheet station', path: '/card/bean-poles/sheet' },
  { name: 'an address that is not there', path: '/card/nothing-here/base' },
];

async function expectNoViolations(page: Page) {
  const { violations } = await new AxeBuilder({ page }).analyze();
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
    await page.waitForLoadState('networkidle');
    await expectNoViolations(page);
    expect(faults).toEqual([]);
  });

const openings: readonly {
  readonly name: string;
  readonly path: string;
  readonly open: (page: Page) => Promise<void>;
}[] = [
  { name: 'new card', path: '/', open: (page) => page.keyboard.press('n') },
  { name: 'the keys', path: '/card/bean-poles/base', open: (page) => page.keyboard.press('?') },
  {
    name: 'all findings',
    path: '/card/shed-door/base',
    open: (page) => page.getByRole('button', { name: /^All findings/ }).click(),
  },
  {
    name: 'a refused figure',
    path: '/card/bean-poles/base?piece=mat-d',
    open: (page) => page.getByLabel('all round').fill('1/8 q'),
  },
  {
    name: 'a new stock',
    path: '/card/bean-poles/base',
    open: async (page) => void (await page.getByLabel('Base stock').selectOption('new')),
  },
  {
    name: 'a new release',
    path: '/card/bean-poles/base',
    open: async (page) =>
      void (await page.getByLabel('Release', { exact: true }).selectOption('+')),
  },
  {
    name: 'each side and a place from an edge',
    path: '/card/number-nine/base?piece=lamp',
    open: (page) => page.getByRole('button', { name: 'Each side' }).click(),
  },
];

for (const { name, path, open } of openings)
  test(`axe finds nothing where this is open: ${name}`, async ({ page }) => {
    await page.goto(path);
    await page.waitForLoadState('networkidle');
    await open(page);
    await expectNoViolations(page);
  });
