import type { AstroCookies } from 'astro';
import type { Unit } from '../core/length/length';
import type { Designer, Release } from '../core/plan/cardFile';
import { stocksOf } from '../core/plan/library';
import type { StandingCard, StandingPicture } from '../core/compute/standingCard';
import type { CardId } from '../core/plan/ids';
import type { Stock } from '../core/plan/libraryItem';
import { database } from './database';
import { localDay } from './localDay';
import { listCardHeads, type CardHead } from './repositories/cards';
import { readLibrary } from './repositories/library';
import { listDesigners, listReleases, readHouse } from './repositories/team';
import { readDesigner, readUnit } from './session';
import { standAll } from './standAll';

/** What the Ledge starts from. */
export interface LedgeStart {
  readonly cards: readonly StandingCard[];
  readonly binned: readonly StandingCard[];
  readonly designers: readonly Designer[];
  readonly releases: readonly Release[];
  /** What a new card can be made of. */
  readonly stocks: readonly Stock[];
  /** The name of the team; empty where it has none. */
  readonly team: string;
  readonly designerId: string | null;
  readonly unit: Unit;
  /** Today as year-month-day, on this machine's calendar. */
  readonly today: string;
}

/** Loads all cards with their figures computed, as they stand on the Ledge; their pictures by `loadPictures`. */
export async function loadLedge(cookies: AstroCookies, now: Date): Promise<LedgeStart> {
  const db = await database();
  const [heads, designers, releases, library, house] = await Promise.all([
    listCardHeads(db),
    listDesigners(db),
    listReleases(db),
    readLibrary(db),
    readHouse(db),
  ]);
  const standing = await standAll(db, heads, library);
  const stand = ({ id }: CardHead) => standing.get(id)?.card ?? [];
  return {
    cards: heads.filter(({ binnedAt }) => binnedAt === null).flatMap(stand),
    binned: heads.filter(({ binnedAt }) => binnedAt !== null).flatMap(stand),
    designers,
    releases,
    stocks: stocksOf(library),
    team: house.name,
    designerId: readDesigner(cookies),
    unit: readUnit(cookies) ?? house.habits.leadingUnit,
    today: localDay(now),
  };
}

/** Pictures of cards by their ids; cards there are none of, and those that cannot be drawn, are left out. */
export async function loadPictures(
  ids: readonly CardId[],
): Promise<Readonly<Record<CardId, StandingPicture>>> {
  const db = await database();
  const wanted = new Set(ids);
  const [heads, library] = await Promise.all([listCardHeads(db), readLibrary(db)]);
  const standing = await standAll(
    db,
    heads.filter(({ id }) => wanted.has(id)),
    library,
  );
  return Object.fromEntries(
    [...standing].flatMap(([id, { picture }]) => (picture ? [[id, picture]] : [])),
  );
}
