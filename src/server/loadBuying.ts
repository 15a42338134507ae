import type { AstroCookies } from 'astro';
import type { Unit } from '../core/length/length';
import type { Release } from '../core/plan/cardFile';
import { newestOf, type Library } from '../core/plan/library';
import type { Holding } from '../core/stash/holding';
import { database } from './database';
import { listCardTitles, type CardTitle } from './repositories/cards';
import { readLibrary } from './repositories/library';
import { readHoldings } from './repositories/stash';
import { listReleases, readHouse } from './repositories/team';
import { readUnit } from './session';

/** What the buying list starts from. */
export interface BuyingStart {
  readonly team: string;
  readonly cards: readonly CardTitle[];
  readonly releases: readonly Release[];
  readonly library: Library;
  readonly holdings: readonly Holding[];
  /** The cards chosen by the address: `?cards=a,b`, or all of `?release=x`. */
  readonly chosen: readonly string[];
  readonly unit: Unit;
}

/** Loads the cards one can buy for, and the stash. */
export async function loadBuying(cookies: AstroCookies, url: URL): Promise<BuyingStart> {
  const db = await database();
  const [house, cards, releases, library, holdings] = await Promise.all([
    readHouse(db),
    listCardTitles(db),
    listReleases(db),
    readLibrary(db),
    readHoldings(db),
  ]);
  const release = url.searchParams.get('release');
  const named = url.searchParams.get('cards')?.split(',') ?? [];
  const isChosen = ({ id, releaseId }: CardTitle) =>
    named.includes(id) || (release !== null && releaseId === release);
  return {
    team: house.name,
    cards,
    releases,
    library: newestOf(library),
    holdings,
    chosen: cards.filter(isChosen).map(({ id }) => id),
    unit: readUnit(cookies) ?? house.habits.leadingUnit,
  };
}
