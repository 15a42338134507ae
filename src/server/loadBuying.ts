import type { AstroCookies } from 'astro';
import type { StandingCard } from '../core/compute/standingCard';
import type { Unit } from '../core/length/length';
import type { Release } from '../core/plan/cardFile';
import { newestOf, type Library } from '../core/plan/library';
import type { HouseMail } from '../core/stash/houseMail';
import type { Holding } from '../core/stash/holding';
import { database } from './database';
import { countItems, readLibrary } from './repositories/library';
import { readHoldings } from './repositories/stash';
import { listReleases, readHouse } from './repositories/team';
import { readUnit } from './session';
import { standing } from './standing/standing';
import { mostWholeStash } from './stashSize';

/** What the buying list starts from. */
export interface BuyingStart {
  readonly team: string;
  /** The cards that are chosen; of a small team, all. */
  readonly cards: readonly Pick<StandingCard, 'id' | 'title' | 'releaseId' | 'copies'>[];
  /** False where more cards are to come. */
  readonly areCardsWhole: boolean;
  readonly releases: readonly Release[];
  /** The whole stash where it is small, else nothing of it yet. */
  readonly library: Library;
  readonly isStashWhole: boolean;
  readonly holdings: readonly Holding[];
  readonly mail: HouseMail;
  /** The cards chosen by the address: `?cards=a,b`, all of `?release=x`, or of `?series=x`. */
  readonly chosen: readonly string[];
  readonly unit: Unit;
}

/** A team of so many cards gets all of them with the page. */
const mostWholeCards = 200;

/** Loads the cards one can buy for, and the stash. */
export async function loadBuying(cookies: AstroCookies, url: URL): Promise<BuyingStart> {
  const db = await database();
  const isStashWhole = (await countItems(db)) <= mostWholeStash;
  const [house, all, releases, library, holdings] = await Promise.all([
    readHouse(db),
    standing().then((cards) => cards.list()),
    listReleases(db),
    isStashWhole ? readLibrary(db) : [],
    isStashWhole ? readHoldings(db) : [],
  ]);
  const release = url.searchParams.get('release');
  const series = url.searchParams.get('series');
  const named = new Set(url.searchParams.get('cards')?.split(','));
  const standingCards = all.flatMap(({ head, card }) => (head.binnedAt === null ? [card] : []));
  const choiceOf = ({ id, title, releaseId, copies }: StandingCard) => ({
    id,
    title,
    releaseId,
    copies,
  });
  const chosen = standingCards
    .filter(
      (card) =>
        named.has(card.id) ||
        (release !== null && card.releaseId === release) ||
        (series !== null && card.series?.id === series),
    )
    .map(choiceOf);
  const cards = standingCards.length <= mostWholeCards ? standingCards.map(choiceOf) : chosen;
  const areCardsWhole = standingCards.length <= mostWholeCards;
  return {
    team: house.name,
    cards,
    areCardsWhole,
    releases,
    library: newestOf(library),
    isStashWhole,
    holdings,
    mail: house.mail,
    chosen: chosen.map(({ id }) => id),
    unit: readUnit(cookies) ?? house.habits.leadingUnit,
  };
}
