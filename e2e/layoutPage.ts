import { expect, type APIRequestContext, type Page } from './nibwright';

const copies: string[] = [];

/** A copy of a demo card on the Layout station; it is to be binned afterwards. */
export async function openLayout(page: Page, card: string): Promise<string> {
  const copy = await page.request.post(`/api/cards/${card}/copy`, { data: {} });
  const { id } = (await copy.json()) as { id: string };
  copies.push(id);
  await page.goto(`/card/${id}/layout`);
  // The table is drawn once the page is awake, and keys work from then on.
  await expect(page.getByRole('group', { name: /to scale/ })).toBeVisible();
  return id;
}

/** Has a card binned with the copies. */
export function binLater(id: string): void {
  copies.push(id);
}

export async function binCopies(request: APIRequestContext): Promise<void> {
  for (const id of copies.splice(0))
    await request.post(`/api/cards/${id}/bin`, { data: { binned: true } });
}

export const saved = (page: Page) => expect(page.getByText(/^Saved/)).toBeVisible();
export const ruler = (page: Page) => page.getByText(/^Lay it /);
