import { readFileSync } from 'node:fs';
import type { CardDescription } from '../scripts/compose/planCard';
import { readableId } from '../scripts/compose/readableId';
import { makeCard } from './makeCard';
import { expect, test } from './nibwright';

const descriptions = JSON.parse(
  readFileSync('demo/cards.json', 'utf8'),
) as readonly CardDescription[];

interface CardFile {
  readonly plan: {
    readonly about: unknown;
    readonly base: unknown;
    readonly making: unknown;
    readonly pieces: readonly {
      readonly id: string;
      readonly name: string;
      readonly kind: string;
    }[];
    readonly uses: readonly { readonly id: string; readonly item: { readonly id: string } }[];
  };
}

/** The papers of a card and what it takes, the same however it was made: with ids that can be read. */
function told(file: string): unknown {
  const { about, base, making, pieces, uses } = (JSON.parse(file) as CardFile).plan;
  const papers = pieces.filter(({ kind }) => kind === 'panel');
  const sorted = uses.toSorted((a, b) => (a.item.id < b.item.id ? -1 : 1));
  const text = JSON.stringify(
    { about, base, making, papers, uses: sorted },
    // What was typed is kept only where we would write it in another way.
    (key, value: unknown) => (key === 'typed' ? undefined : value),
  );
  const ids = [
    ...pieces.map(({ id, name }) => [id, readableId(name)] as const),
    ...uses.map(({ id, item }) => [id, item.id] as const),
  ];
  return JSON.parse(
    ids.reduce((named, [id, name]) => named.replaceAll(`"${id}"`, `"${name}"`), text),
  );
}

// One of each school; with a mat built outward, a middle cut out, thirds, and what a piece takes.
for (const id of ['row-markers', 'depot'])
  test(`the interface makes the papers of ${id} as they are described`, async ({
    page,
    baseURL,
  }) => {
    const card = descriptions.find((each) => each.id === id);
    if (!card) throw new Error(`there is no ${id}`);
    await page.context().addCookies(
      [
        { name: 'nibwright-designer', value: card.by },
        { name: 'nibwright-unit', value: card.unit },
      ].map((cookie) => ({ ...cookie, url: baseURL ?? '' })),
    );
    await makeCard(page, card);
    const [, , made = ''] = new URL(page.url()).pathname.split('/');
    const reply = await page.request.get(`/api/cards/${made}/card.nibwright.json`);
    expect(told(await reply.text())).toEqual(
      told(readFileSync(`demo/cards/${id}.nibwright.json`, 'utf8')),
    );
  });
