import { formatInches, formatMillimetres, type InchMark } from './formatLength';
import type { Length, Unit } from './length';

const small = (
  'zero one two three four five six seven eight nine ten eleven twelve thirteen fourteen fifteen ' +
  'sixteen seventeen eighteen nineteen'
).split(' ');
const tens = 'zero ten twenty thirty forty fifty sixty seventy eighty ninety'.split(' ');
const fractionNames: Readonly<Record<number, string>> = {
  2: 'half',
  4: 'quarter',
  8: 'eighth',
  16: 'sixteenth',
  32: 'thirty-second',
  64: 'sixty-fourth',
};

/**
 * The figure as one says it aloud in a tutorial, rounded as it is shown.
 * @example speakLength(inches(4, 15, 16), 'in') // 'four and fifteen sixteenths'
 * @example speakLength(millimetres(148.5), 'mm') // 'one hundred and forty-eight point five millimetres'
 */
export function speakLength(length: Length, unit: Unit, mark: InchMark = 64): string {
  const { text, about } = unit === 'in' ? formatInches(length, mark) : formatMillimetres(length);
  const spoken = unit === 'in' ? speakMixed(text) : speakDecimal(text);
  return about ? `about ${spoken}` : spoken;
}

function speakMixed(text: string): string {
  const [, sign, whole, numerator, denominator] =
    /^(−)?(\d+)?(?: ?(\d+)⁄(\d+))?$/u.exec(text) ?? [];
  const parts = [
    whole === undefined ? '' : speakWhole(Number(whole)),
    numerator === undefined ? '' : speakFraction(Number(numerator), Number(denominator)),
  ];
  return (sign ? 'minus ' : '') + parts.filter(Boolean).join(' and ');
}

function speakFraction(numerator: number, denominator: number): string {
  const name = fractionNames[denominator];
  if (name === undefined)
    throw new RangeError(`speakFraction: expected a power of two up to 64, got ${denominator}`);
  if (denominator === 2) return 'a half';
  return `${speakWhole(numerator)} ${name}${numerator === 1 ? '' : 's'}`;
}

function speakDecimal(text: string): string {
  const [, sign, whole = '0', tenth] = /^(−)?(\d+)(?:\.(\d))?$/u.exec(text) ?? [];
  const point = tenth === undefined ? '' : ` point ${speakWhole(Number(tenth))}`;
  const unit = whole === '1' && tenth === undefined ? 'millimetre' : 'millimetres';
  return `${sign ? 'minus ' : ''}${speakWhole(Number(whole))}${point} ${unit}`;
}

/** Whole numbers up to 9 999 in British words; larger ones in figures. */
function speakWhole(value: number): string {
  if (value < 20) return small[value] ?? String(value);
  if (value < 100) {
    const rest = value % 10;
    return `${tens[Math.floor(value / 10)]}${rest ? `-${small[rest]}` : ''}`;
  }
  if (value < 1000) return withRest(`${small[Math.floor(value / 100)]} hundred`, value % 100);
  if (value >= 10_000) return String(value);
  const thousands = `${small[Math.floor(value / 1000)]} thousand`;
  return value % 1000 >= 100
    ? `${thousands} ${speakWhole(value % 1000)}`
    : withRest(thousands, value % 1000);
}

function withRest(head: string, rest: number): string {
  return rest === 0 ? head : `${head} and ${speakWhole(rest)}`;
}
