const clock = new Intl.DateTimeFormat('en-GB', { timeStyle: 'short' });
const day = new Intl.DateTimeFormat('en-GB', { dateStyle: 'long' });

/** The hour and minute of a moment on this machine's clock: '19:05'. */
export function clockWords(moment: Date): string {
  return clock.format(moment);
}

/** The day of a moment on this machine's calendar: '1 February 2027'. */
export function momentDay(iso: string): string {
  return day.format(new Date(iso));
}
