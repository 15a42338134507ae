import { TZDate } from '@date-fns/tz';
import type { Evenings } from '../plan/evenings';

/** One evening, in milliseconds since 1970. */
export interface Session {
  readonly from: number;
  readonly to: number;
}

/**
 * The next evenings from a moment on; of one that has begun what is left. Each begins and ends as the clocks show it, so one
 * in which they are changed is an hour longer or shorter. Those that overlap are joined.
 * @param start in milliseconds since 1970
 * @param count so many at the most
 * @param days so far ahead is looked
 */
export function nextSessions(
  { zone, weekly }: Evenings,
  start: number,
  count: number,
  days = 120,
): readonly Session[] {
  const sessions: Session[] = [];
  const today = new TZDate(start, zone);
  const [year, month, date] = [today.getFullYear(), today.getMonth(), today.getDate()];
  // An evening that began yesterday may go on past midnight.
  for (let ahead = -1; ahead <= days && sessions.length <= count; ahead += 1) {
    const weekday = new TZDate(year, month, date + ahead, 12, zone).getDay() || 7;
    for (const { day, from, to } of weekly.toSorted((a, b) => (a.from < b.from ? -1 : 1))) {
      if (day !== weekday) continue;
      const isNext = to <= from;
      const begins = momentAt(ahead, from);
      const ends = momentAt(ahead + (isNext ? 1 : 0), to);
      const session = { from: Math.max(begins, start), to: ends };
      const last = sessions.at(-1);
      if (session.from >= session.to) continue;
      if (last && session.from <= last.to)
        sessions.splice(-1, 1, { from: last.from, to: Math.max(last.to, session.to) });
      else sessions.push(session);
    }
  }
  return sessions.slice(0, count);

  function momentAt(ahead: number, clock: string): number {
    const [hours = 0, minutes = 0] = clock.split(':').map(Number);
    return new TZDate(year, month, date + ahead, hours, minutes, zone).getTime();
  }
}

/** When a day begins by the clocks of a place, in milliseconds since 1970. @param day year-month-day */
export function dayBegins(day: string, zone: string): number {
  const [year = 0, month = 1, date = 1] = day.split('-').map(Number);
  return new TZDate(year, month - 1, date, zone).getTime();
}
