import { readFileSync } from 'node:fs';
import { readCardFile, type CardFile } from '../src/core/plan/cardFile';
import { papersOf } from '../src/core/plan/pieces';
import { readableId, type CardDescription } from '../scripts/compose/planCard';
import { makeCard } from './makeCard';
import { expect, test } from './nibwright';

const descriptions = JSON.parse(
  readFileSync('demo/cards.json', 'utf8'),
) as readonly CardDescription[];

function read(text: string): CardFile {
  const file = readCardFile(text);
  if (!file.ok) throw new Error(JSON.stringify(file.issue));
  return file.file;
}

/** The papers of a card and what it takes, the same however it was made: without keys, and with ids that can be read. */
function told({ plan }: CardFile): unknown {
  const { about, base, making } = plan;
  const uses = plan.uses.toSorted((a, b) => (a.item.id < b.item.id ? -1 : 1));
  const text = JSON.stringify(
    { about, base, making, papers: papersOf(plan), uses },
    (key, value: unknown) =>
      // What was typed is kept only where we would write it in another way.
      key === 'typed' || key === 'order' ? undefined : value,
  );
  const ids = [
    ...plan.pieces.map(({ id, name }) => [id, readableId(name)] as const),
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
    expect(told(read(await reply.text()))).toEqual(
      told(read(readFileSync(`demo/cards/${id}.nibwright.json`, 'utf8'))),
    );
  });
