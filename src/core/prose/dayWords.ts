const words = new Intl.DateTimeFormat('en-GB', { dateStyle: 'long', timeZone: 'UTC' });

/**
 * A day as one says it.
 * @param day year-month-day
 * @example dayWords('2027-03-12') // '12 March 2027'
 */
export function dayWords(day: string): string {
  return words.format(new Date(`${day}T00:00Z`));
}
