import type { AstroCookies } from 'astro';
import type { StandingCard } from '../core/compute/standingCard';
import type { Unit } from '../core/length/length';
import type { Release } from '../core/plan/cardFile';
import { newestOf, type Library } from '../core/plan/library';
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
  /** The cards chosen by the address: `?cards=a,b`, or all of `?release=x`. */
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
  const named = new Set(url.searchParams.get('cards')?.split(','));
  const cards = all.flatMap(({ head, card: { id, title, releaseId, copies } }) =>
    head.binnedAt === null ? [{ id, title, releaseId, copies }] : [],
  );
  const chosen = cards.filter(
    ({ id, releaseId }) => named.has(id) || (release !== null && releaseId === release),
  );
  const areCardsWhole = cards.length <= mostWholeCards;
  return {
    team: house.name,
    cards: areCardsWhole ? cards : chosen,
    areCardsWhole,
    releases,
    library: newestOf(library),
    isStashWhole,
    holdings,
    chosen: chosen.map(({ id }) => id),
    unit: readUnit(cookies) ?? house.habits.leadingUnit,
  };
}
