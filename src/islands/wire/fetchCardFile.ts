import type { CardFile } from '../../core/plan/cardFile';

/** A card's file; undefined where it cannot be had or read. */
export async function fetchCardFile(id: string): Promise<CardFile | undefined> {
  try {
    // The schemas come with the first file, not with the page.
    const [response, { readCardFile }] = await Promise.all([
      fetch(`/api/cards/${id}/card.nibwright.json`),
      import('../../core/plan/cardFile'),
    ]);
    if (!response.ok) return undefined;
    const read = readCardFile(await response.text());
    return read.ok ? read.file : undefined;
  } catch {
    return undefined;
  }
}
