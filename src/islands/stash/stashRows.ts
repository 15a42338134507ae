import { countWords } from '../../core/words/countWords';
import { formatLength, writeSize } from '../../core/length/formatLength';
import type { Unit } from '../../core/length/length';
import type { LibraryId } from '../../core/plan/ids';
import type { ItemKind, LibraryItem } from '../../core/plan/libraryItem';
import type { Holding } from '../../core/stash/holding';
import { emptyHolding } from '../../core/stash/holdings';
import { itemFields, itemKinds, kindNames } from '../../core/stash/itemFields';
import { unitOf } from '../../core/supplies/supplyRow';

/** One line of the stash. */
export interface StashLine {
  readonly item: LibraryItem;
  readonly holding: Holding;
  /** What it is in one phrase: 'cardstock, 300 g, 0.3 mm'. */
  readonly words: string;
  /** How much there is altogether; Infinity where nobody counts. */
  readonly amount: number;
  readonly unit: string;
  /** Everything it is found by, in lower case. */
  readonly searched: string;
}

/** What of the stash is shown. */
export interface StashFilter {
  readonly text: string;
  readonly kind: ItemKind | 'all';
  readonly show: 'all' | 'used-up' | 'leaving' | 'leftovers' | 'gone';
}

export const everything: StashFilter = { text: '', kind: 'all', show: 'all' };

/** The lines of a stash, by kind and then by name. */
export function stashLines(
  items: ReadonlyMap<LibraryId, LibraryItem>,
  holdings: ReadonlyMap<LibraryId, Holding>,
  unit: Unit,
): readonly StashLine[] {
  const order = (item: LibraryItem) => itemKinds.indexOf(item.kind);
  const sorted = [...items.values()].toSorted(
    (a, b) => order(a) - order(b) || (a.name < b.name ? -1 : a.name > b.name ? 1 : 0),
  );
  return sorted.map((item) => {
    const holding = holdings.get(item.id) ?? emptyHolding(item.id);
    const words = wordsOf(item, unit);
    const all = [
      item.name,
      kindNames[item.kind],
      words,
      ...(item.kind === 'stock' ? item.sheets : []),
    ];
    return {
      item,
      holding,
      words,
      amount: amountOf(item, holding),
      unit: unitOf(item) === 'use' ? 'piece' : unitOf(item),
      searched: all.join(' ').toLowerCase(),
    };
  });
}

/** The lines a filter lets through; each word of its text has to be found. `today` as year-month-day. */
export function filterStash(
  lines: readonly StashLine[],
  { text, kind, show }: StashFilter,
  today: string,
): readonly StashLine[] {
  const words = text.toLowerCase().split(/\s+/).filter(Boolean);
  return lines.filter(
    ({ item, holding, amount, searched }) =>
      (kind === 'all' || item.kind === kind) &&
      holding.isGone === (show === 'gone') &&
      (show !== 'used-up' || amount === 0) &&
      (show !== 'leaving' || (item.sale.until !== null && item.sale.until >= today)) &&
      (show !== 'leftovers' || holding.leftovers.length > 0) &&
      words.every((word) => searched.includes(word)),
  );
}

function amountOf(item: LibraryItem, { sheets, count }: Holding): number {
  if (item.kind !== 'stock') return count ?? Infinity;
  if (sheets.length === 0) return Infinity;
  return sheets.reduce((sum, each) => sum + (each.count ?? Infinity), 0);
}

/** The sort and what else matters of a kind, without name, colour and sale. */
function wordsOf(item: LibraryItem, unit: Unit): string {
  if (item.kind === 'stock') {
    const { paper, gramsPerSquareMetre, pounds, caliper, direction, grain } = item;
    const weight = pounds
      ? `${pounds.weight} lb ${pounds.basis}, ${gramsPerSquareMetre} g`
      : `${gramsPerSquareMetre} g`;
    const { text } = formatLength(caliper.ticks, 'mm');
    return [
      paper,
      weight,
      `${text} mm`,
      direction === 'one-way' ? 'one way' : '',
      grain ? `grain ${grain}` : '',
    ]
      .filter(Boolean)
      .join(', ');
  }
  if (item.kind === 'die-set') return countWords(item.steps.length, 'die');
  if (item.kind === 'combination')
    return `${countWords(item.media.length, 'colour')}, ${item.begins} first`;
  if (item.kind === 'envelope') {
    const { width, height, gramsPerSquareMetre } = item;
    const size = writeSize({ width: width.ticks, height: height.ticks }, unit);
    return `${size} ${unit}, ${gramsPerSquareMetre} g`;
  }
  if (item.kind === 'stencil') return `${item.layers.length} in sequence`;
  const sort = itemFields[item.kind].find(({ label }) => label === 'Sort')?.read(item) ?? '';
  if (item.kind !== 'tool' || !item.reach) return sort;
  const reach = formatLength(item.reach.ticks, unit);
  return `${sort}, ${reach.about ? '≈ ' : ''}${reach.text} ${unit}`;
}
