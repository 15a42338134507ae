import { AxeBuilder } from '@axe-core/playwright';
import { expect, test } from '@playwright/test';

const screens = [
  { name: 'the Ledge', path: '/' },
  { name: 'the Base station', path: '/card/bean-poles/base?piece=mat-d' },
  { name: 'a card with findings', path: '/card/shed-door/base?piece=top' },
  { name: 'the Sheet station', path: '/card/bean-poles/sheet' },
  { name: 'an address that is not there', path: '/card/nothing-here/base' },
];

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
    const { violations } = await new AxeBuilder({ page }).analyze();
    expect(violations.map(({ id, nodes }) => `${id}: ${nodes[0]?.html}`)).toEqual([]);
    expect(faults).toEqual([]);
  });
