const months =
  'January February March April May June July August September October November December'.split(
    ' ',
  );

/**
 * A day as one says it.
 * @example dayWords('2027-03-12') // '12 March 2027'
 */
export function dayWords(day: string): string {
  const [year, month, date] = day.split('-');
  return `${Number(date)} ${months[Number(month) - 1]} ${year}`;
}
