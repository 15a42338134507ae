import { differenceInCalendarDays } from 'date-fns/differenceInCalendarDays';
import { parseISO } from 'date-fns/parseISO';
import type { StandingCard } from '../../core/compute/standingCard';
import type { Designer, Release } from '../../core/plan/cardFile';
import { dayWords } from '../../core/prose/dayWords';
import { isToFilm } from './ledgeFilter';

/** When a release goes on sale, how far off that is, and how many of its cards are filmed. */
export function releaseWords(
  { onSale }: Release,
  cards: readonly StandingCard[],
  today: string,
): string {
  const filmed = cards.filter(({ status }) => status === 'filmed' || status === 'published').length;
  const done = cards.length === 0 ? '' : ` ${filmed} of ${cards.length} filmed.`;
  if (onSale === null) return `no date yet.${done}`;
  return `on sale ${dayWords(onSale)}, ${awayWords(daysBetween(today, onSale))}.${done}`;
}

/** The line beneath a card: format, how it stands and folds, who, what is next. */
export function belowLine(
  card: StandingCard,
  designers: readonly Designer[],
  today: string,
): string {
  const { format, isLying, fold, designerId, status, filmOn, failure } = card;
  if (failure !== null) return `Not drawn: ${failure}`;
  const designer = designers.find(({ id }) => id === designerId)?.name;
  const shape = [format, isLying ? 'lying' : '', fold === 'side' ? '' : fold]
    .filter(Boolean)
    .join(' ');
  const next =
    isToFilm(card) && filmOn !== null
      ? `films ${soonDay(filmOn, today)}`
      : status === 'planned'
        ? ''
        : status;
  return [shape, designer, next].filter(Boolean).join(', ');
}

/** What comes next of all cards. */
export function nextWords(cards: readonly StandingCard[], today: string): string {
  let next: StandingCard | undefined;
  for (const card of cards) {
    const day = card.filmOn ?? '';
    if (isToFilm(card) && day >= today && (!next || day < (next.filmOn ?? ''))) next = card;
  }
  const count = `${cards.length} ${cards.length === 1 ? 'card' : 'cards'}.`;
  if (!next || next.filmOn === null) return count;
  const day = soonDay(next.filmOn, today);
  const on = day === 'today' || day === 'tomorrow' ? day : `on ${day}`;
  return `${count} Next: ${next.title} is filmed ${on}.`;
}

const weekday = new Intl.DateTimeFormat('en-GB', { weekday: 'long' });
const dayOfYear = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'long' });

/** A day within a week by its name, else by its date. */
function soonDay(day: string, today: string): string {
  const days = daysBetween(today, day);
  if (days === 0) return 'today';
  if (days === 1) return 'tomorrow';
  if (days > 1 && days < 7) return weekday.format(parseISO(day));
  // The year goes without saying while the day is near.
  return Math.abs(days) < 200 ? dayOfYear.format(parseISO(day)) : dayWords(day);
}

function awayWords(days: number): string {
  if (days === 0) return 'today';
  if (days === 1) return 'tomorrow';
  return days > 1 ? `in ${days} days` : `${-days} ${days === -1 ? 'day' : 'days'} ago`;
}

function daysBetween(from: string, to: string): number {
  return differenceInCalendarDays(parseISO(to), parseISO(from));
}

/** What a card is called on the Ledge: in a series, whose name stands under its cards, what it has otherwise. */
export function shortTitle({ title, series }: StandingCard): string {
  const prefix = series ? `${series.name}: ` : '';
  return series && title.startsWith(prefix) ? title.slice(prefix.length) : title;
}
