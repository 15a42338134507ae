import { formatISO } from 'date-fns/formatISO';

/** The day of a moment on this machine's calendar, as year-month-day. */
export function localDay(moment: Date): string {
  return formatISO(moment, { representation: 'date' });
}
