/** Minutes as one says them: '6 min', '1 h 30'; half minutes are told, longer times to the minute. */
export function minutesWords(minutes: number): string {
  if (minutes < 60) {
    const half = Math.round(minutes * 2) / 2;
    const whole = Math.floor(half);
    const shown = half === whole ? String(whole) : `${whole === 0 ? '' : whole}½`;
    return `${shown} min`;
  }
  const all = Math.round(minutes);
  const [hours, rest] = [Math.floor(all / 60), all % 60];
  return rest === 0 ? `${hours} h` : `${hours} h ${String(rest).padStart(2, '0')}`;
}

const clocks = new Map<string, Intl.DateTimeFormat>();

function formatted(zone: string, style: 'clock' | 'day', moment: number): string {
  const key = `${style} ${zone}`;
  const format =
    clocks.get(key) ??
    new Intl.DateTimeFormat(
      'en-GB',
      style === 'clock'
        ? { timeStyle: 'short', timeZone: zone }
        : { weekday: 'long', day: 'numeric', month: 'long', timeZone: zone },
    );
  clocks.set(key, format);
  return format.format(moment);
}

/** Hour and minute as the clocks of a place show them: '19:05'. */
export function clockAt(moment: number, zone: string): string {
  return formatted(zone, 'clock', moment);
}

/** The day there: 'Tuesday 9 March'. */
export function dayAt(moment: number, zone: string): string {
  return formatted(zone, 'day', moment);
}
