import type { CardText, StandingCard } from '../../core/compute/standingCard';
import { countShows, readFilter, type FilterContext, type Show } from './ledgeFilter';
import { nextWords } from './ledgeWords';
import { firstDrawn, seenFirst } from './seenFirst';

/** All cards there are, as the server knows them. */
export interface AllCards {
  readonly cards: readonly StandingCard[];
  readonly binned: readonly StandingCard[];
}

/** The cards a page of the Ledge starts from, and what is told of those that come after it. */
export interface FirstCards extends AllCards {
  /** False where more come. */
  readonly isWhole: boolean;
  readonly counts: Readonly<Record<Show, number>>;
  readonly binnedCount: number;
  /** What comes next of all cards. */
  readonly next: string;
  /** What the cards are found by, where the address asks for some. */
  readonly texts: Readonly<Record<string, CardText>> | null;
}

/** A Ledge of so many cards comes whole. */
const mostWhole = 60;

/** What the page of the Ledge brings at an address: all of a small one, else what is seen first. */
export function firstCards(
  all: AllCards,
  context: FilterContext,
  { search, today }: { readonly search: string; readonly today: string },
): FirstCards {
  const { cards, binned } = all;
  const filter = readFilter(new URLSearchParams(search));
  const isWhole = cards.length + binned.length <= mostWhole;
  const brought = isWhole ? cards : seenFirst(cards, context, search, firstDrawn);
  return {
    cards: brought,
    binned: isWhole ? binned : [],
    isWhole,
    counts: countShows(cards, context),
    binnedCount: binned.length,
    next: nextWords(cards, today),
    texts: filter.query.trim() === '' ? null : textsOf(brought, context),
  };
}

function textsOf(
  cards: readonly StandingCard[],
  { textOf }: FilterContext,
): Readonly<Record<string, CardText>> {
  return Object.fromEntries(
    cards.flatMap(({ id }) => {
      const text = textOf(id);
      return text ? [[id, text]] : [];
    }),
  );
}
