import { TICKS_PER_INCH, TICKS_PER_MILLIMETRE } from './length';
import { refuse } from './lengthIssue';
import { rational, type Rational } from './rational';

/** The units a person may write; screen and print use inches and millimetres alone. */
export type LengthUnit = 'in' | 'mm' | 'cm' | 'm';

export const ticksPerUnit: Readonly<Record<LengthUnit, number>> = {
  in: TICKS_PER_INCH,
  mm: TICKS_PER_MILLIMETRE,
  cm: 10 * TICKS_PER_MILLIMETRE,
  m: 1000 * TICKS_PER_MILLIMETRE,
};

interface Span {
  readonly at: number;
  readonly to: number;
}

export type Token = Span &
  (
    | { readonly kind: 'whole'; readonly digits: string }
    | { readonly kind: 'decimal'; readonly value: Rational }
    | { readonly kind: 'vulgar'; readonly value: Rational }
    | { readonly kind: 'unit'; readonly unit: LengthUnit }
    /** `glued`: no space on either side, as in 4-15/16. */
    | { readonly kind: 'minus'; readonly glued: boolean }
    | { readonly kind: 'plus' | 'times' | 'slash' | 'open' | 'close' | 'end' }
  );

const vulgarFractions: Readonly<Record<string, readonly [number, number]>> = {
  '½': [1, 2],
  '⅓': [1, 3],
  '⅔': [2, 3],
  '¼': [1, 4],
  '¾': [3, 4],
  '⅕': [1, 5],
  '⅖': [2, 5],
  '⅗': [3, 5],
  '⅘': [4, 5],
  '⅙': [1, 6],
  '⅚': [5, 6],
  '⅐': [1, 7],
  '⅛': [1, 8],
  '⅜': [3, 8],
  '⅝': [5, 8],
  '⅞': [7, 8],
  '⅑': [1, 9],
  '⅒': [1, 10],
};

const unitWords: Readonly<Record<string, LengthUnit>> = {
  in: 'in',
  inch: 'in',
  inches: 'in',
  '"': 'in',
  "''": 'in',
  '″': 'in',
  '”': 'in',
  '“': 'in',
  mm: 'mm',
  millimetre: 'mm',
  millimetres: 'mm',
  millimeter: 'mm',
  millimeters: 'mm',
  cm: 'cm',
  centimetre: 'cm',
  centimetres: 'cm',
  centimeter: 'cm',
  centimeters: 'cm',
  m: 'm',
};

const operators: Readonly<Record<string, 'plus' | 'times' | 'slash' | 'open' | 'close'>> = {
  '+': 'plus',
  x: 'times',
  by: 'times',
  '×': 'times',
  '*': 'times',
  '/': 'slash',
  '⁄': 'slash',
  '∕': 'slash',
  '(': 'open',
  ')': 'close',
};

const pattern =
  /(?<space>\s+)|(?<decimal>\d*[.,]\d+|\d+\.(?!\d))|(?<whole>\d+)|(?<word>[a-z]+\.?)|(?<quotes>'')|(?<mark>.)/iuy;

/**
 * Splits typed text into tokens; a comma or a point may mark decimals, never thousands.
 * @throws LengthSyntaxError at the first character that cannot belong to a length.
 */
export function tokenizeLength(text: string): readonly Token[] {
  const tokens: Token[] = [];
  pattern.lastIndex = 0;
  for (let match = pattern.exec(text); match; match = pattern.exec(text)) {
    const span = { at: match.index, to: match.index + match[0].length };
    const groups = match.groups ?? {};
    if (groups['space'] !== undefined) continue;
    if (groups['decimal'] !== undefined)
      tokens.push({ kind: 'decimal', value: decimalValue(groups['decimal']), ...span });
    else if (groups['whole'] !== undefined)
      tokens.push({ kind: 'whole', digits: groups['whole'], ...span });
    else tokens.push(wordOrMark(match[0].toLowerCase().replace(/\.$/, ''), span, text));
  }
  tokens.push({ kind: 'end', at: text.length, to: text.length });
  return tokens;
}

function wordOrMark(word: string, span: Span, text: string): Token {
  const vulgar = own(vulgarFractions, word);
  if (vulgar) return { kind: 'vulgar', value: rational(...vulgar), ...span };
  const unit = own(unitWords, word);
  if (unit) return { kind: 'unit', unit, ...span };
  const operator = own(operators, word);
  if (operator) return { kind: operator, ...span };
  // Hyphens and dashes join a mixed fraction when glued; the true minus sign never does.
  if (/^[-‐‑‒–—−]$/u.test(word)) {
    const before = text[span.at - 1] ?? ' ';
    const after = text[span.to] ?? ' ';
    const glued = word !== '−' && /\S/.test(before) && /\S/.test(after);
    return { kind: 'minus', glued, ...span };
  }
  return refuse('unknown-character', span.at, span.to);
}

/** What a table holds for a typed word; 'constructor' is a word too, and every object has one. */
function own<Value>(table: Readonly<Record<string, Value>>, word: string): Value | undefined {
  return Object.hasOwn(table, word) ? table[word] : undefined;
}

function decimalValue(digits: string): Rational {
  const [whole = '', fraction = ''] = digits.split(/[.,]/);
  return rational(BigInt(whole + fraction || '0'), 10n ** BigInt(fraction.length));
}
