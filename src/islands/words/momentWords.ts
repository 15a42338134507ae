import { dayWords } from '../../core/prose/dayWords';

const two = (value: number) => String(value).padStart(2, '0');

/** The hour and minute of a moment on this machine's clock: '19:05'. */
export function clockWords(moment: Date): string {
  return `${two(moment.getHours())}:${two(moment.getMinutes())}`;
}

/** The day of a moment on this machine's calendar: '1 February 2027'. */
export function momentDay(iso: string): string {
  const moment = new Date(iso);
  return dayWords(`${moment.getFullYear()}-${two(moment.getMonth() + 1)}-${two(moment.getDate())}`);
}
