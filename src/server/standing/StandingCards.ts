import type { CardText, StandingCard } from '../../core/compute/standingCard';
import type { CardId } from '../../core/plan/ids';
import {
  listCardHeads,
  readAbouts,
  readKeptCards,
  type CardHead,
  type KeptCard,
} from '../repositories/cards';
import { newestVersions, readLibrary } from '../repositories/library';
import {
  readStandings,
  writeStandings,
  type KeptStanding,
  type NewStanding,
} from '../repositories/standingCards';
import { chunksOf } from '../chunksOf';
import { onStoreChange } from '../storeChanges';
import type { Database, Store } from '../storeTypes';
import { itemIdsIn, standingKey } from './standingKey';
import { standBlank } from '../threads/tasks/standCards';
import type { standEach } from './standEach';

/** A card on the Ledge, in memory. */
export interface Standing {
  readonly head: CardHead;
  readonly key: string;
  readonly items: readonly string[];
  readonly card: StandingCard;
  readonly text: CardText;
  /** `card` as JSON, to be handed on. */
  readonly json: string;
}

const epoch = Date.now().toString(36);
/** So many cards nobody has computed yet are waited for; a second's work. */
const mostAwaited = 200;
/** So many are computed and kept at a time. */
const atOnce = 40;
/** Of what nobody waits for, fewer, since what is saved meanwhile waits for them. */
const atOnceLater = 10;
const laterMilliseconds = 40;
/** So long it waits where the database is away. */
const awayMilliseconds = 10_000;
/** So long saves are gathered before the cards are computed, unless somebody asks before. */
const restMilliseconds = 1000;

/**
 * All cards as they stand on the Ledge, in memory and in a table beside the cards. What a save makes old is computed anew
 * in a thread, and who asks waits for that; what a newer item or a newer Nibwright makes old stands as it was until there
 * is time, where it is more than a few.
 */
export class StandingCards {
  readonly #db: Database;
  /** Other processes may write to it, so it is looked at each time somebody asks. */
  readonly #isShared: boolean;
  readonly #stand: typeof standEach;
  readonly #all = new Map<CardId, Standing>();
  readonly #newest = new Map<string, number>();
  #sorted: readonly Standing[] | undefined;
  /** Cards that changed since they were sorted. */
  readonly #moved = new Set<CardId>();
  #changes = 0;
  /** Ends when all that was begun is done. */
  #working: Promise<void> = Promise.resolve();
  /** Ends when all is in that somebody may ask for; what is done when there is time is left out. */
  #awaited: Promise<void> = Promise.resolve();
  /** Cards that were saved and are not brought in yet. */
  readonly #changed = new Set<CardId>();
  #timer: NodeJS.Timeout | undefined;
  /** Old, but good enough until there is time. */
  readonly #later = new Set<CardId>();
  #laterTimer: NodeJS.Timeout | undefined;

  private constructor(db: Database, isShared: boolean, stand: typeof standEach) {
    this.#db = db;
    this.#isShared = isShared;
    this.#stand = stand;
  }

  /** Reads what was computed before, and computes what was not; of very many, when there is time. */
  static async load(
    { db, isShared }: Pick<Store, 'db' | 'isShared'>,
    stand: typeof standEach,
  ): Promise<StandingCards> {
    const cards = new StandingCards(db, isShared, stand);
    onStoreChange(db, ({ of, ids }) =>
      of === 'cards' ? cards.#bringSoon(ids) : cards.#takeNewItems(ids),
    );
    await cards.sync();
    return cards;
  }

  /** Another with every change of what stands there, and in every process. */
  get version(): string {
    return `${epoch}-${this.#changes}`;
  }

  /** All cards, those in the bin too, the last changed first; what was saved before is in. */
  async list(): Promise<readonly Standing[]> {
    this.#bringChanged();
    await (this.#isShared ? this.sync() : this.#awaited);
    return this.now();
  }

  /** All cards as they are known by now, for who waited for `list` a moment ago. */
  now(): readonly Standing[] {
    this.#sorted = this.#sorted
      ? mergeSorted(this.#sorted, this.#moved, this.#all)
      : [...this.#all.values()].sort(byChange);
    this.#moved.clear();
    return this.#sorted;
  }

  /** What a card is found by, as `list` had it last. */
  textOf(id: string): CardText | undefined {
    return this.#all.get(id as CardId)?.text;
  }

  /** Takes in what the database holds by now, whoever wrote it. */
  sync(): Promise<void> {
    return this.#then(async () => {
      const [heads, newest] = await Promise.all([
        listCardHeads(this.#db),
        newestVersions(this.#db),
      ]);
      for (const [id, version] of newest) this.#newest.set(id, version);
      const there = new Set(heads.map(({ id }) => id));
      for (const id of this.#all.keys()) if (!there.has(id)) this.#remove(id);
      const isNews = (head: CardHead) => !isSame(head, this.#all.get(head.id)?.head);
      await this.#takeKept(heads.filter(isNews));
      const missing = heads.filter(isNews);
      if (missing.length > mostAwaited) await this.#takeBlanks(missing);
      else await this.#compute(missing.map(({ id }) => id));
      this.#postpone([...this.#all.values()]);
    });
  }

  /** Brings in cards that were saved, made, binned or removed, soon or as soon as somebody asks, all at once. */
  #bringSoon(ids: readonly CardId[]): void {
    for (const id of ids) this.#changed.add(id);
    this.#timer ??= setTimeout(() => this.#bringChanged(), restMilliseconds).unref();
  }

  #bringChanged(): void {
    clearTimeout(this.#timer);
    this.#timer = undefined;
    if (this.#changed.size === 0) return;
    const ids = [...this.#changed];
    this.#changed.clear();
    this.#thenQuietly(async () => {
      try {
        await this.#bring(ids);
      } catch (error) {
        // The database was away; they are brought in when somebody asks again.
        for (const id of ids) this.#changed.add(id);
        throw error;
      }
    });
  }

  async #bring(ids: readonly CardId[]): Promise<void> {
    for (const some of chunksOf(ids, atOnce)) {
      const kept = await readKeptCards(this.#db, some);
      const there = new Set(kept.map(({ id }) => id));
      for (const id of some) if (!there.has(id)) this.#remove(id);
      const isOld = ({ id, revision }: CardHead) => this.#all.get(id)?.head.revision !== revision;
      for (const card of kept) {
        const standing = this.#all.get(card.id);
        if (standing && !isOld(card)) this.#put({ ...standing, head: headOf(card) });
      }
      await this.#computeKept(kept.filter(isOld));
    }
  }

  /** Items have newer versions, which the cards that use them tell of. */
  #takeNewItems(ids: readonly string[]): void {
    this.#thenQuietly(async () => {
      for (const [id, version] of await newestVersions(this.#db, ids))
        this.#newest.set(id, version);
      const changed = new Set(ids);
      const users = [...this.#all.values()].filter(
        (each) => each.items.some((id) => changed.has(id)) && !this.#isFresh(each),
      );
      if (users.length <= atOnce) await this.#compute(users.map(({ head }) => head.id));
      else this.#postpone(users);
    });
  }

  /** What is old of these is computed when there is time: after what was asked for, some at a time. */
  #postpone(standings: readonly Standing[]): void {
    for (const each of standings) if (!this.#isFresh(each)) this.#later.add(each.head.id);
    this.#goOnSoon(laterMilliseconds);
  }

  #goOnSoon(milliseconds: number): void {
    if (this.#later.size === 0 || this.#laterTimer) return;
    this.#laterTimer = setTimeout(() => this.#goOn(), milliseconds).unref();
  }

  #goOn(): void {
    this.#laterTimer = undefined;
    const awaited = this.#awaited;
    this.#thenQuietly(async () => {
      const some = [...this.#later].slice(0, atOnceLater);
      const old = some.flatMap((id) => this.#all.get(id) ?? []);
      try {
        await this.#compute(old.filter((each) => !this.#isFresh(each)).map(({ head }) => head.id));
      } catch (error) {
        this.#goOnSoon(awayMilliseconds);
        throw error;
      }
      for (const id of some) this.#later.delete(id);
      this.#goOnSoon(laterMilliseconds);
    });
    this.#awaited = awaited;
  }

  /** Takes over what the table holds of cards, where it is of the revision they have now. */
  async #takeKept(heads: readonly CardHead[]): Promise<void> {
    if (heads.length === 0) return;
    const byId = new Map(heads.map((head) => [head.id, head]));
    const ids = this.#all.size === 0 ? undefined : [...byId.keys()];
    for (const kept of await readStandings(this.#db, ids)) {
      const head = byId.get(kept.cardId);
      if (!head) continue;
      const standing = read(head, kept);
      if (standing.card.revision === head.revision) this.#put(standing);
    }
  }

  /** Lets cards stand as plain blanks until there is time to compute them, as after a restore. */
  async #takeBlanks(heads: readonly CardHead[]): Promise<void> {
    const abouts = await readAbouts(this.#db);
    for (const head of heads) {
      const kept = { ...head, plan: { about: abouts.get(head.id) } };
      const blank = { ...standBlank(kept, 'its turn has not come yet'), key: '', items: [] };
      this.#put(read(head, { ...blank, cardId: head.id }));
    }
  }

  /** Computes cards anew and keeps what comes out. */
  async #compute(ids: readonly CardId[]): Promise<void> {
    for (const some of chunksOf(ids, atOnce))
      await this.#computeKept(await readKeptCards(this.#db, some));
  }

  async #computeKept(kept: readonly KeptCard[]): Promise<void> {
    if (kept.length === 0) return;
    const uses = new Map(kept.map(({ id, plan, embedded }) => [id, itemIdsIn([plan, embedded])]));
    const library = await readLibrary(this.#db, [...new Set([...uses.values()].flat())]);
    for (const { id, version } of library)
      if (version > (this.#newest.get(id) ?? 0)) this.#newest.set(id, version);
    const stood = new Map((await this.#stand(kept, library)).map((each) => [each.id, each]));
    const rows: NewStanding[] = [];
    for (const card of kept) {
      const texts = stood.get(card.id);
      if (!texts) continue;
      const items = uses.get(card.id) ?? [];
      const key = standingKey(card.revision, items, this.#newest);
      const { card: json, found, picture } = texts;
      const row = { cardId: card.id, key, items, card: json, found, picture };
      this.#put(read(headOf(card), row));
      // What took too long is tried again at the next start, when there may be less to do.
      rows.push(texts.isLate ? { ...row, key: '' } : row);
    }
    await this.#keep(rows);
  }

  /** Keeps what was computed for the next start; where one of the cards is gone by now, each on its own. */
  async #keep(rows: readonly NewStanding[]): Promise<void> {
    try {
      await writeStandings(this.#db, rows);
    } catch (error) {
      if (rows.length === 1) console.error(`what stands of ${rows[0]?.cardId} is not kept`, error);
      else for (const row of rows) await this.#keep([row]);
    }
  }

  #isFresh({ head, items, key }: Standing): boolean {
    return key === standingKey(head.revision, items, this.#newest);
  }

  #put(standing: Standing): void {
    this.#all.set(standing.head.id, standing);
    this.#touch(standing.head.id);
  }

  #remove(id: CardId): void {
    if (this.#all.delete(id)) this.#touch(id);
  }

  #touch(id: CardId): void {
    this.#changes++;
    this.#moved.add(id);
  }

  #thenQuietly(work: () => Promise<void>): void {
    this.#then(work).catch((error: unknown) => {
      // What is not done when Nibwright stops is done at the next start.
      if (!isClosed(error))
        console.error('what stands on the Ledge cannot be brought up to date', error);
    });
  }

  /** Does work after all that was begun. */
  #then(work: () => Promise<void>): Promise<void> {
    const done = this.#working.then(work);
    this.#working = done.catch(() => undefined);
    this.#awaited = this.#working;
    return done;
  }
}

function read(head: CardHead, { key, items, card, found }: KeptStanding): Standing {
  const text = JSON.parse(found) as CardText;
  return { head, key, items, card: JSON.parse(card) as StandingCard, text, json: card };
}

function isSame(a: CardHead, b: CardHead | undefined): boolean {
  return (
    a.revision === b?.revision &&
    Number(a.changedAt) === Number(b.changedAt) &&
    Number(a.binnedAt) === Number(b.binnedAt)
  );
}

/** Whether the database was closed before it was asked. */
function isClosed(error: unknown): boolean {
  const cause = error instanceof Error ? (error.cause ?? error) : error;
  return cause instanceof Error && /is closed|after calling end/.test(cause.message);
}

const headOf = ({ id, revision, changedAt, binnedAt }: CardHead): CardHead => ({
  id,
  revision,
  changedAt,
  binnedAt,
});

/** A sorted list with some of its cards in their new places, or gone; the same list where none moved. */
function mergeSorted(
  sorted: readonly Standing[],
  moved: ReadonlySet<CardId>,
  all: ReadonlyMap<CardId, Standing>,
): readonly Standing[] {
  if (moved.size === 0) return sorted;
  const news = [...moved].flatMap((id) => all.get(id) ?? []).sort(byChange);
  const merged: Standing[] = [];
  let next = 0;
  for (const standing of sorted) {
    if (moved.has(standing.head.id)) continue;
    for (let each = news[next]; each && byChange(each, standing) < 0; each = news[++next])
      merged.push(each);
    merged.push(standing);
  }
  return [...merged, ...news.slice(next)];
}

function byChange({ head: a }: Standing, { head: b }: Standing): number {
  return Number(b.changedAt) - Number(a.changedAt) || (a.id < b.id ? -1 : 1);
}
