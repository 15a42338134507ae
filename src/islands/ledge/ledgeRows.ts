import type { StandingCard } from '../../core/compute/standingCard';
import { TICKS_PER_INCH } from '../../core/length/length';
import type { Release } from '../../core/plan/cardFile';
import type { Series } from '../../core/plan/plan';

/** One line of the Ledge: the heading of a release, cards side by side, or a release without cards. */
export type LedgeRow = {
  readonly key: string;
  readonly release: Release | undefined;
  /** In CSS pixels. */
  readonly height: number;
} & (
  | { readonly kind: 'heading'; readonly cards: readonly StandingCard[] }
  | {
      readonly kind: 'cards';
      readonly cards: readonly StandingCard[];
      /** Under the board, in CSS pixels. */
      readonly below: number;
    }
  | { readonly kind: 'empty' }
);

export interface RowMeasures {
  /** Of the ledge, in CSS pixels. */
  readonly width: number;
  /** CSS pixels to the tick. */
  readonly scale: number;
  /** Whether releases without cards are shown, as places to put some. */
  readonly hasEmpty: boolean;
}

/** One to so many, by the CSS inch; every card stands at this one scale. */
export const reduction = 3.8;
export const scale = 96 / reduction / TICKS_PER_INCH;
/** A ledge's width before it is measured, in CSS pixels. */
export const usualWidth = 1200;

export const cardGap = 24;
/** What is said beneath a card needs so much, however narrow it is. */
const narrowest = 176;
const besideCard = 20;
const headingHeight = 52;
/** On a phone what the date means stands below the name, on two lines. */
const narrowLedge = 520;
const narrowHeadingHeight = 108;
const aboveCards = 14;
export const belowCards = 88;
/** A bracket under the cards of a series, with its name. */
export const seriesLine = 28;
const emptyHeight = 96;

/** The width a card takes on its ledge, in CSS pixels. */
export function slotWidth({ face }: StandingCard, scale: number): number {
  return Math.max(narrowest, Math.round(face.width * scale) + besideCard);
}

/**
 * Lays the cards on ledges, a ledge for each release in their order and one for cards without; a full
 * one goes on below. Rows know their height before they are drawn, so that only those in view are.
 */
export function ledgeRows(
  cards: readonly StandingCard[],
  releases: readonly Release[],
  measures: RowMeasures,
): readonly LedgeRow[] {
  return [...eachRow(cards, releases, measures)];
}

/** The rows of `ledgeRows` one after the other, for who needs only the first. */
export function* eachRow(
  cards: readonly StandingCard[],
  releases: readonly Release[],
  measures: RowMeasures,
): Generator<LedgeRow> {
  const known = new Set<string>(releases.map(({ id }) => id));
  const groups = new Map<string | undefined, StandingCard[]>();
  for (const card of cards) {
    const id = card.releaseId !== null && known.has(card.releaseId) ? card.releaseId : undefined;
    const group = groups.get(id);
    if (group) group.push(card);
    else groups.set(id, [card]);
  }
  for (const release of [...releases, undefined]) {
    const own = seriesTogether(groups.get(release?.id) ?? []);
    if (own.length === 0 && (!measures.hasEmpty || !release)) continue;
    const key = release?.id ?? 'without';
    const height = measures.width < narrowLedge ? narrowHeadingHeight : headingHeight;
    yield { kind: 'heading', key: `${key} heading`, release, cards: own, height };
    if (own.length === 0)
      yield { kind: 'empty', key: `${key} empty`, release, height: emptyHeight };
    for (const [index, row] of fillRows(own, measures).entries()) {
      const below = belowCards + (row.some(({ series }) => series) ? seriesLine : 0);
      const tallest = Math.max(...row.map(({ face }) => face.height));
      yield {
        kind: 'cards',
        key: `${key} ${index}`,
        release,
        cards: row,
        below,
        height: aboveCards + Math.ceil(tallest * measures.scale) + below,
      };
    }
  }
}

/** Behind the last of the series that begins at an index. */
function seriesEnd(cards: readonly StandingCard[], from: number): number {
  const id = cards[from]?.series?.id;
  let end = from + 1;
  while (id !== undefined && cards[end]?.series?.id === id) end++;
  return end;
}

/** The same cards: those that stand by themselves, then one series after the other. */
function seriesTogether(cards: readonly StandingCard[]): readonly StandingCard[] {
  const single: StandingCard[] = [];
  const members = new Map<string, StandingCard[]>();
  for (const card of cards) {
    const own = card.series ? members.get(card.series.id) : single;
    if (own) own.push(card);
    else if (card.series) members.set(card.series.id, [card]);
  }
  return [single, ...members.values()].flat();
}

/** Where under its row a series lies, in CSS pixels from the first card. */
export function placeOfRun(
  cards: readonly StandingCard[],
  { from, count }: SeriesRun,
  scale: number,
): { readonly left: number; readonly width: number } {
  const own = cards.slice(from, from + count);
  return {
    left: slotsWidth(cards.slice(0, from), scale),
    width: slotsWidth(own, scale) - cardGap,
  };
}

/** What cards take side by side, with the gap behind each. */
function slotsWidth(cards: readonly StandingCard[], scale: number): number {
  return cards.reduce((sum, card) => sum + slotWidth(card, scale) + cardGap, 0);
}

/** Where in its row a series stands, and how many of it stand there. */
export interface SeriesRun {
  readonly series: Series;
  readonly from: number;
  readonly count: number;
}

/** The series in a row of cards, from left to right. */
export function seriesRuns(cards: readonly StandingCard[]): readonly SeriesRun[] {
  const runs: SeriesRun[] = [];
  for (const [at, { series }] of cards.entries()) {
    const last = runs.at(-1);
    if (!series) continue;
    if (last?.series.id === series.id)
      runs[runs.length - 1] = { ...last, count: at - last.from + 1 };
    else runs.push({ series, from: at, count: 1 });
  }
  return runs;
}

function fillRows(
  cards: readonly StandingCard[],
  { width, scale }: RowMeasures,
): readonly (readonly StandingCard[])[] {
  const rows: StandingCard[][] = [];
  const room = width + cardGap;
  let left = 0;
  for (const [at, card] of cards.entries()) {
    const needed = slotsWidth([card], scale);
    // A series that fits on a row of its own is not begun on one it would not fit on.
    const isFirst = card.series !== null && cards[at - 1]?.series?.id !== card.series.id;
    const whole = isFirst ? slotsWidth(cards.slice(at, seriesEnd(cards, at)), scale) : needed;
    const together = whole <= room ? whole : needed;
    const row = rows.at(-1);
    if (row && left >= together) row.push(card);
    else {
      rows.push([card]);
      left = room;
    }
    left -= needed;
  }
  return rows;
}

/** The card so many places on in the order they stand; at the ends, and from nowhere, the first or last. */
export function cardAfter(
  rows: readonly LedgeRow[],
  id: string | undefined,
  by: number,
): StandingCard | undefined {
  const cards = rows.flatMap((row) => (row.kind === 'cards' ? row.cards : []));
  const at = cards.findIndex((card) => card.id === id);
  if (at < 0) return cards[0];
  return cards[Math.max(0, Math.min(cards.length - 1, at + by))];
}

/** The card under or over one, in the nearest place of the next row that has cards. */
export function cardBelow(
  rows: readonly LedgeRow[],
  id: string | undefined,
  by: 1 | -1,
): StandingCard | undefined {
  const filled = rows.flatMap((row) => (row.kind === 'cards' ? [row.cards] : []));
  const at = filled.findIndex((cards) => cards.some((card) => card.id === id));
  if (at < 0) return filled[0]?.[0];
  const place = filled[at]?.findIndex((card) => card.id === id) ?? 0;
  const next = filled[Math.max(0, Math.min(filled.length - 1, at + by))];
  return next?.[Math.min(place, next.length - 1)];
}
