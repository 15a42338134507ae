import { readQuery } from '../../core/compute/cardQuery';
import type { CardText, StandingCard } from '../../core/compute/standingCard';
import type { Unit } from '../../core/length/length';
import type { Designer, Release } from '../../core/plan/cardFile';

/** The quick choices above the ledges. */
export const shows = ['all', 'mine', 'film', 'findings'] as const;
export type Show = (typeof shows)[number];

/** What of all cards is shown; empty text and undefined show any. It is kept in the address. */
export interface LedgeFilter {
  readonly query: string;
  readonly show: Show;
  readonly format: string | undefined;
  readonly designer: string | undefined;
  readonly occasion: string | undefined;
  readonly technique: string | undefined;
  readonly series: string | undefined;
}

export interface FilterContext {
  readonly unit: Unit;
  readonly designers: readonly Designer[];
  readonly releases: readonly Release[];
  /** Who works in this browser. */
  readonly designerId: string | null;
  /** What a card is found by; undefined while it has not come. */
  readonly textOf: (id: string) => CardText | undefined;
}

const choices = ['format', 'designer', 'occasion', 'technique', 'series'] as const;

export function readFilter(address: URLSearchParams): LedgeFilter {
  const [format, designer, occasion, technique, series] = choices.map(
    (name) => address.get(name) ?? undefined,
  );
  return {
    query: address.get('q') ?? '',
    show: shows.find((each) => each === address.get('show')) ?? 'all',
    format,
    designer,
    occasion,
    technique,
    series,
  };
}

/** The address of a filter; the plain one shows all. */
export function writeFilter(filter: LedgeFilter): string {
  const address = new URLSearchParams();
  if (filter.query.trim() !== '') address.set('q', filter.query);
  if (filter.show !== 'all') address.set('show', filter.show);
  for (const name of choices) {
    const value = filter[name];
    if (value !== undefined) address.set(name, value);
  }
  const query = address.toString();
  return query === '' ? '/' : `/?${query}`;
}

export function isPlainFilter(filter: LedgeFilter): boolean {
  return writeFilter(filter) === '/';
}

/** The cards a filter shows, in their order. */
export function filterCards(
  cards: readonly StandingCard[],
  filter: LedgeFilter,
  context: FilterContext,
): readonly StandingCard[] {
  const names = new Map<string, string>(
    [...context.designers, ...context.releases].map(({ id, name }) => [id, name]),
  );
  const matches = readQuery(filter.query, context.unit, ({ designerId, releaseId }) =>
    [designerId, releaseId].map((id) => names.get(id ?? '') ?? '').join(' '),
  );
  const is = (wanted: string | undefined, value: string | null) =>
    wanted === undefined || wanted === value;
  return cards.filter(
    (card) =>
      isShown(card, filter.show, context) &&
      is(filter.format, card.format) &&
      is(filter.designer, card.designerId) &&
      is(filter.occasion, card.occasion) &&
      (filter.technique === undefined || card.techniques.includes(filter.technique)) &&
      is(filter.series, card.series?.id ?? null) &&
      matches(card, context.textOf(card.id)),
  );
}

/** How many cards each quick choice shows of all. */
export function countShows(
  cards: readonly StandingCard[],
  context: FilterContext,
): Readonly<Record<Show, number>> {
  const counts = { all: 0, mine: 0, film: 0, findings: 0 };
  for (const card of cards)
    for (const show of shows) if (isShown(card, show, context)) counts[show]++;
  return counts;
}

function isShown(card: StandingCard, show: Show, { designerId }: FilterContext): boolean {
  switch (show) {
    case 'all':
      return true;
    case 'mine':
      return card.designerId !== null && card.designerId === designerId;
    case 'film':
      return isToFilm(card);
    case 'findings':
      return card.stops + card.looks > 0;
    default:
      throw new TypeError(`filterCards: unknown choice ${String(show satisfies never)}`);
  }
}

/** Whether a card has a day it is filmed on, and is not filmed yet. */
export function isToFilm({ filmOn, status }: StandingCard): boolean {
  return filmOn !== null && (status === 'planned' || status === 'cut');
}
