import type { AstroCookies } from 'astro';
import { computeCard } from '../core/computeCard';
import type { Unit } from '../core/length/length';
import type { Designer, Release } from '../core/plan/cardFile';
import { overlayLibrary, stocksOf, type Library } from '../core/plan/library';
import {
  standingCard,
  standingPicture,
  type StandingCard,
  type StandingPicture,
} from '../core/drawing/standingCard';
import type { CardId } from '../core/plan/ids';
import type { Stock } from '../core/plan/libraryItem';
import { database, type Database } from './database';
import { listCardHeads, readCards, type CardHead } from './repositories/cards';
import { readLibrary } from './repositories/library';
import { listDesigners, listReleases, readHouse } from './repositories/team';
import { readDesigner, readUnit } from './session';

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

/**
 * Cards as they were computed for an earlier page. A revision of a card never changes, nor does a
 * version of a library item, so the only other thing a picture depends on is how many items there are:
 * a stock that was missing may have come.
 */
const computed = new Map<CardId, Standing>();

interface Standing {
  readonly key: string;
  readonly card: StandingCard;
  readonly picture: StandingPicture;
}

/** Pictures of cards by their ids; cards there are none of are left out. */
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
  return Object.fromEntries([...standing].map(([id, { picture }]) => [id, picture]));
}

async function standAll(
  db: Database,
  heads: readonly CardHead[],
  library: Library,
): Promise<ReadonlyMap<CardId, Standing>> {
  const keyOf = ({ revision }: CardHead) => `${revision} ${library.length}`;
  const stale = heads.filter((head) => computed.get(head.id)?.key !== keyOf(head));
  for (const card of await readCards(
    db,
    stale.map(({ id }) => id),
  )) {
    const { id, plan, embedded, revision } = card;
    const figures = computeCard(plan, overlayLibrary(embedded, library));
    computed.set(id, {
      key: keyOf(card),
      card: standingCard(id, revision, plan, figures),
      picture: standingPicture(figures.card),
    });
  }
  return new Map(
    heads.flatMap(({ id }) => {
      const found = computed.get(id);
      return found ? [[id, found] as const] : [];
    }),
  );
}

function localDay(now: Date): string {
  const two = (value: number) => String(value).padStart(2, '0');
  return `${now.getFullYear()}-${two(now.getMonth() + 1)}-${two(now.getDate())}`;
}
