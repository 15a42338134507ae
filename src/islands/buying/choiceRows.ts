import type { StandingCard } from '../../core/compute/standingCard';
import type { Release } from '../../core/plan/cardFile';

/** What one chooses a card by. */
export type CardChoice = Pick<StandingCard, 'id' | 'title' | 'releaseId' | 'copies'>;

/** A line of the list one chooses from: a release with the cards that go with it, or a card. */
export type ChoiceRow =
  | {
      readonly kind: 'release';
      readonly key: string;
      readonly name: string;
      readonly ids: readonly string[];
    }
  | { readonly kind: 'card'; readonly key: string; readonly card: CardChoice };

/**
 * The cards by release, in the order of the releases and then by title; cards of none, and of one that is gone, last.
 * @param chosenFirst cards that were chosen when the page was opened; their releases go before all others
 */
export function choiceRows(
  cards: readonly CardChoice[],
  releases: readonly Release[],
  query: string,
  chosenFirst: ReadonlySet<string> = new Set(),
): readonly ChoiceRow[] {
  const words = query.trim().toLowerCase().split(/\s+/);
  const names = new Map<string | null, string>([
    ...releases.map(({ id, name }) => [id, name] as const),
    [null, 'Without a release'],
  ]);
  const groups = new Map<string | null, CardChoice[]>([...names.keys()].map((id) => [id, []]));
  for (const card of cards) {
    const own = groups.get(card.releaseId) ?? groups.get(null);
    const where = `${card.title} ${names.get(card.releaseId) ?? ''}`.toLowerCase();
    if (words.every((word) => where.includes(word))) own?.push(card);
  }
  const isFirst = ([, own]: readonly [string | null, readonly CardChoice[]]) =>
    own.some((card) => chosenFirst.has(card.id));
  const ordered = [...groups].toSorted((a, b) => Number(isFirst(b)) - Number(isFirst(a)));
  return ordered.flatMap(([id, own]): ChoiceRow[] => {
    if (own.length === 0) return [];
    const sorted = own.toSorted((a, b) => (a.title < b.title ? -1 : a.title > b.title ? 1 : 0));
    return [
      {
        kind: 'release',
        key: `release ${id ?? 'none'}`,
        name: names.get(id) ?? '',
        ids: own.map((card) => card.id),
      },
      ...sorted.map((card): ChoiceRow => ({ kind: 'card', key: card.id, card })),
    ];
  });
}
