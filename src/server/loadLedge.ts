import type { AstroCookies } from 'astro';
import { computeCard } from '../core/computeCard';
import type { Unit } from '../core/length/length';
import type { Designer, Release } from '../core/plan/cardFile';
import { overlayLibrary, type Library } from '../core/plan/libraryItem';
import { standingCard, type StandingCard } from '../core/drawing/standingCard';
import { database } from './database';
import { listBinnedCards, listCards, type StoredCard } from './repositories/cards';
import { readLibrary } from './repositories/library';
import { listDesigners, listReleases, readHouse } from './repositories/team';
import { readDesigner, readUnit } from './session';

/** What the Ledge starts from. */
export interface LedgeStart {
  readonly cards: readonly StandingCard[];
  readonly binned: readonly StandingCard[];
  readonly designers: readonly Designer[];
  readonly releases: readonly Release[];
  readonly library: Library;
  /** The name of the team; empty where it has none. */
  readonly team: string;
  readonly designerId: string | null;
  readonly unit: Unit;
  /** Today as year-month-day, on this machine's calendar. */
  readonly today: string;
}

/** Loads all cards with their figures computed, as they stand on the Ledge. */
export async function loadLedge(cookies: AstroCookies, now: Date): Promise<LedgeStart> {
  const db = await database();
  const [cards, binned, designers, releases, library, house] = await Promise.all([
    listCards(db),
    listBinnedCards(db),
    listDesigners(db),
    listReleases(db),
    readLibrary(db),
    readHouse(db),
  ]);
  const stand = ({ id, plan, embedded }: StoredCard) =>
    standingCard(id, plan, computeCard(plan, overlayLibrary(embedded, library)));
  return {
    cards: cards.map(stand),
    binned: binned.map(stand),
    designers,
    releases,
    library,
    team: house.name,
    designerId: readDesigner(cookies),
    unit: readUnit(cookies) ?? house.habits.leadingUnit,
    today: localDay(now),
  };
}

function localDay(now: Date): string {
  const two = (value: number) => String(value).padStart(2, '0');
  return `${now.getFullYear()}-${two(now.getMonth() + 1)}-${two(now.getDate())}`;
}
