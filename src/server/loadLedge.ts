import type { AstroCookies } from 'astro';
import type { CardText, StandingCard } from '../core/compute/standingCard';
import type { Unit } from '../core/length/length';
import type { Designer, Release } from '../core/plan/cardFile';
import type { CardId } from '../core/plan/ids';
import { database } from './database';
import { localDay } from '../core/text/localDay';
import { readPictures } from './repositories/standingCards';
import { listDesigners, listReleases, readHouse } from './repositories/team';
import { readDesigner, readUnit } from './session';
import { standing } from './standing/standing';
import type { Standing } from './standing/StandingCards';

/** All that stands on the Ledge, for a page to take from what is seen first. */
export interface LedgeHouse {
  readonly cards: readonly StandingCard[];
  readonly binned: readonly StandingCard[];
  /** What a card is found by. */
  readonly textOf: (id: string) => CardText | undefined;
  readonly designers: readonly Designer[];
  readonly releases: readonly Release[];
  /** The name of the team; empty where it has none. */
  readonly team: string;
  readonly designerId: string | null;
  readonly unit: Unit;
  /** Today as year-month-day, on this machine's calendar. */
  readonly today: string;
}

/** Loads what the page of the Ledge is drawn from, once `ledgePage` has waited for what was saved before. */
export async function loadLedge(cookies: AstroCookies, now: Date): Promise<LedgeHouse> {
  const db = await database();
  const cards = await standing();
  const [designers, releases, house] = await Promise.all([
    listDesigners(db),
    listReleases(db),
    readHouse(db),
  ]);
  return {
    ...sortStanding(cards.now()),
    textOf: (id) => cards.textOf(id),
    designers,
    releases,
    team: house.name,
    designerId: readDesigner(cookies),
    unit: readUnit(cookies) ?? house.habits.leadingUnit,
    today: localDay(now),
  };
}

type Sorted = Pick<LedgeHouse, 'cards' | 'binned'>;

const sorted = new WeakMap<readonly Standing[], Sorted>();

/** Worked out once for each list, since none ever changes. */
function sortStanding(all: readonly Standing[]): Sorted {
  const known = sorted.get(all);
  if (known) return known;
  const where = (isBinned: boolean) =>
    all.flatMap(({ head, card }) => ((head.binnedAt !== null) === isBinned ? [card] : []));
  const made: Sorted = { cards: where(false), binned: where(true) };
  sorted.set(all, made);
  return made;
}

/** Pictures of cards by their ids, as JSON; cards there are none of, and those that cannot be drawn, are left out. */
export async function loadPictures(ids: readonly CardId[]): Promise<string> {
  const pictures = await readPictures(await database(), ids);
  return `{${[...pictures].map(([id, json]) => `${JSON.stringify(id)}:${json}`).join(',')}}`;
}
