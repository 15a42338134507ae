import MiniSearch from 'minisearch';

/** Below so many letters a slip of the finger is not allowed for: too much would be alike. */
const shortestSlip = 5;

/**
 * Those whose text has every word that is typed, at the start of one of its words or with one slip, the nearest first;
 * then those that have what is typed anywhere. All, as they come, where nothing is typed.
 *
 * @param textOf what an item is found by
 */
export function findByWords<Item>(
  items: readonly Item[],
  textOf: (item: Item) => string,
  typed: string,
): readonly Item[] {
  const wanted = typed.trim();
  if (wanted === '') return items;
  const index = new MiniSearch({ fields: ['text'] });
  index.addAll(items.map((item, id) => ({ id, text: textOf(item) })));
  const hits = index.search(wanted, {
    combineWith: 'AND',
    prefix: true,
    fuzzy: (term) => (term.length < shortestSlip ? false : 1),
  });
  const found = new Set(hits.map(({ id }) => Number(id)));
  const inside = items.flatMap((item, at) =>
    textOf(item).toLowerCase().includes(wanted.toLowerCase()) ? [at] : [],
  );
  return [...new Set([...found, ...inside])].flatMap((at) => items[at] ?? []);
}
