// Writes a backup of a made-up team, far larger than the demo: its cards are those of the demo over and over, each with
// its own title, maker, release and day; its items those of the demo under other ids. Restored, it is what the
// benchmarks of the server run on.
import { createHash } from 'node:crypto';
import { createWriteStream } from 'node:fs';
import { readdir, readFile } from 'node:fs/promises';
import { once } from 'node:events';
import { generateNKeysBetween } from 'fractional-indexing';

const at = '2027-02-01T19:30:00.000Z';
const minute = 60_000;

/** @param {string} path @returns {Promise<any>} */
const readJson = async (path) => JSON.parse(await readFile(path, 'utf8'));

/**
 * @param {string} file
 * @param {{ cards: number, items: number, people: number, releases: number, saves: number }} size saves of each card
 */
export async function makeTeam(file, size) {
  const [stash, shapes] = await Promise.all(
    ['stash', 'shapes'].map((name) => readJson(`demo/${name}.json`)),
  );
  const names = (await readdir('demo/cards')).sort();
  const cards = await Promise.all(names.map((name) => readJson(`demo/cards/${name}`)));
  const own = [...stash.items, ...shapes.items];

  const out = createWriteStream(file);
  const digest = createHash('sha256');
  let rows = -1;
  /** @param {unknown} line */
  const write = async (line) => {
    const text = `${JSON.stringify(line)}\n`;
    digest.update(text);
    rows++;
    if (!out.write(text)) await once(out, 'drain');
  };
  /** @param {string} table @param {object} row */
  const put = (table, row) => write({ table, row });

  await write({ format: 'nibwright-backup', version: 2, at });
  await put('house', { id: 1, name: 'A made-up team', habits: cards[0].plan.habits });
  for (let person = 0; person < size.people; person++)
    await put('designers', { id: `person-${person}`, name: `Person ${person + 1}` });
  for (let release = 0; release < size.releases; release++)
    await put('releases', {
      id: `release-${release}`,
      name: `Release ${release + 1}`,
      onSale: dayAfter(release * 14),
    });
  for (let item = 0; item < size.items; item++) {
    const { id, version, name, ...data } = own[item % own.length];
    const round = Math.floor(item / own.length);
    const mine = round === 0 ? { id, name } : { id: `${id}-${round}`, name: `${name} ${round}` };
    const row = { ...mine, version: round === 0 ? version : 1 };
    await put('libraryItems', {
      id: row.id,
      version: row.version,
      data: { ...data, ...row },
      isTrimmed: true,
    });
    await put('holdings', {
      itemId: row.id,
      data: { ...emptyHolding, itemId: row.id, count: data.kind === 'stock' ? null : item % 7 },
    });
  }
  for (let card = 0; card < size.cards; card++) {
    const id = `made-up-${card}`;
    const { plan } = cards[card % cards.length];
    const about = {
      ...plan.about,
      title: `${plan.about.title} ${card}`,
      designerId: `person-${card % size.people}`,
      releaseId: `release-${card % size.releases}`,
      filmOn: card % 5 === 0 ? dayAfter(card % 300) : null,
    };
    const made = { ...plan, about, pieces: withOrder(plan.pieces) };
    const changedAt = new Date(Date.parse(at) - card * minute).toISOString();
    await put('cards', {
      id,
      plan: made,
      revision: size.saves + 1,
      embedded: [],
      changedAt,
      binnedAt: null,
    });
    for (let save = 0; save <= size.saves; save++)
      await put('revisions', {
        cardId: id,
        number: save + 1,
        saveId: `save-${save}`,
        author: about.designerId,
        at: changedAt,
        planSchema: plan.schema,
        edits: save === 0 ? [] : [{ kind: 'set-about', change: { title: about.title } }],
        plan: save === 0 ? made : null,
      });
  }
  out.write(`${JSON.stringify({ end: true, rows, sha256: digest.digest('hex') })}\n`);
  out.end();
  await once(out, 'close');
}

/** Card files list things in their order; the database keeps a key with each. @param {object[]} things */
function withOrder(things) {
  const keys = generateNKeysBetween(null, null, things.length);
  return things.map((each, at) => ({ ...each, order: keys[at] }));
}

/** @param {number} days */
function dayAfter(days) {
  return new Date(Date.parse(at) + days * 24 * 60 * minute).toISOString().slice(0, 10);
}

const emptyHolding = { sheets: [], leftovers: [], count: null, price: null, isGone: false };
