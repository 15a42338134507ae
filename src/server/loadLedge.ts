import type { AstroCookies } from 'astro';
import type { CardText, StandingCard, StandingPicture } from '../core/compute/standingCard';
import type { Unit } from '../core/length/length';
import type { Designer, Release } from '../core/plan/cardFile';
import type { CardId } from '../core/plan/ids';
import { database } from './database';
import { localDay } from './localDay';
import { readPictures } from './repositories/standingCards';
import { listDesigners, listReleases, readHouse } from './repositories/team';
import { readDesigner, readUnit } from './session';
import { standing } from './standing/standing';

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

export async function loadLedge(cookies: AstroCookies, now: Date): Promise<LedgeHouse> {
  const db = await database();
  const [all, designers, releases, house] = await Promise.all([
    standing().then((cards) => cards.list()),
    listDesigners(db),
    listReleases(db),
    readHouse(db),
  ]);
  const texts = new Map<string, CardText>(all.map(({ head, text }) => [head.id, text]));
  const where = (isBinned: boolean) =>
    all.flatMap(({ head, card }) => ((head.binnedAt !== null) === isBinned ? [card] : []));
  return {
    cards: where(false),
    binned: where(true),
    textOf: (id) => texts.get(id),
    designers,
    releases,
    team: house.name,
    designerId: readDesigner(cookies),
    unit: readUnit(cookies) ?? house.habits.leadingUnit,
    today: localDay(now),
  };
}

/** Pictures of cards by their ids, as JSON; cards there are none of, and those that cannot be drawn, are left out. */
export async function loadPictures(ids: readonly CardId[]): Promise<string> {
  const cards = await standing();
  await cards.list();
  const pictures = await readPictures(await database(), ids);
  return `{${[...pictures].map(([id, json]) => `${JSON.stringify(id)}:${json}`).join(',')}}`;
}

/** As `loadPictures`, for a page that draws them itself. */
export async function parsePictures(
  ids: readonly CardId[],
): Promise<Readonly<Record<CardId, StandingPicture>>> {
  return JSON.parse(await loadPictures(ids)) as Record<CardId, StandingPicture>;
}
