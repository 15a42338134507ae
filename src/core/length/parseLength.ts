import { lengthFromTicks, longestLength, type Length, type Unit } from './length';
import { LengthSyntaxError, refuse, type LengthIssue } from './lengthIssue';
import { parseSum, type Quantity } from './parseSum';
import { addRational, isWhole, multiplyRational, rational, roundRational } from './rational';
import { ticksPerUnit, tokenizeLength, type LengthUnit, type Token } from './tokenizeLength';

/** A figure as understood. `exact` is false when it is no whole tick and went to the nearest. */
export interface ParsedFigure {
  readonly length: Length;
  readonly exact: boolean;
}

export type ParsedLength =
  ({ readonly ok: true } & ParsedFigure) | { readonly ok: false; readonly issue: LengthIssue };

export type ParsedSize =
  | { readonly ok: true; readonly width: ParsedFigure; readonly height: ParsedFigure }
  | { readonly ok: false; readonly issue: LengthIssue };

const mostCharacters = 80;

/**
 * Reads one length as people type it: `4 15/16`, `4-15/16"`, `4⅞`, `.5`, `10,5 cm`, `105mm`, and
 * small sums such as `4 1/4 - 1/8`, `3 x 1 1/2 + 1/8`, `8 1/2 / 2`.
 *
 * A bare number takes the leading unit, or the unit after the last term where that has one; a bare
 * fraction is inches. A hyphen glued between a whole number and a fraction joins them; spaced, it
 * subtracts. Zero is allowed, a negative result is not. What is no whole tick goes to the nearest,
 * a half upwards, and comes back with `exact: false`.
 * @example parseLength('4 1/4 - 1/8', 'in') // { ok: true, length: 4 1/8 in, exact: true }
 */
export function parseLength(text: string, leading: Unit): ParsedLength {
  return withIssue(text, (tokens) => {
    const { value, next } = parseSum(tokens, 0, { times: 'multiplies' });
    expectEnd(tokens, next);
    return { ok: true, ...toFigure(value, value.lastUnit, 'in', leading, text) };
  });
}

/**
 * Reads a size, width first: `8 1/2 x 5 1/2`, `105 × 148 mm`, `3 1/4 by 7 3/4`.
 * Each side may be a sum; a unit after the last figure serves both where the first has none.
 */
export function parseSize(text: string, leading: Unit): ParsedSize {
  return withIssue(text, (tokens) => {
    const first = parseSum(tokens, 0, { times: 'separates' });
    const separator = tokens[first.next];
    if (separator?.kind === 'end') refuse('one-figure', 0, text.length);
    if (separator?.kind !== 'times') expectEnd(tokens, first.next);
    const second = parseSum(tokens, first.next + 1, { times: 'separates' });
    expectEnd(tokens, second.next);
    const shared = second.value.lastUnit;
    return {
      ok: true,
      width: toFigure(
        first.value,
        first.value.lastUnit ?? shared,
        first.value.lastUnit ? 'in' : (shared ?? 'in'),
        leading,
        text,
      ),
      height: toFigure(second.value, shared, 'in', leading, text),
    };
  });
}

function withIssue<Result extends { readonly ok: true }>(
  text: string,
  read: (tokens: readonly Token[]) => Result,
): Result | { readonly ok: false; readonly issue: LengthIssue } {
  try {
    if (text.trim() === '') refuse('empty', 0, text.length);
    if (text.length > mostCharacters) refuse('too-many-characters', mostCharacters, text.length);
    return read(tokenizeLength(text));
  } catch (error) {
    if (error instanceof LengthSyntaxError) return { ok: false, issue: error.issue };
    throw error;
  }
}

function expectEnd(tokens: readonly Token[], position: number): void {
  const token = tokens[position];
  if (token && token.kind !== 'end')
    refuse(token.kind === 'times' ? 'two-figures' : 'unexpected', token.at, token.to);
}

function toFigure(
  value: Quantity,
  unitForNumbers: LengthUnit | undefined,
  unitForFractions: LengthUnit,
  leading: Unit,
  text: string,
): ParsedFigure {
  const numbers = multiplyRational(
    value.numbers,
    rational(ticksPerUnit[unitForNumbers ?? leading]),
  );
  const fractions = multiplyRational(value.fractions, rational(ticksPerUnit[unitForFractions]));
  const exact = addRational(value.ticks, addRational(numbers, fractions));
  const ticks = roundRational(exact);
  if (exact.n < 0n) refuse('negative', 0, text.length);
  if (ticks > BigInt(longestLength)) refuse('too-long', 0, text.length);
  return { length: lengthFromTicks(Number(ticks)), exact: isWhole(exact) };
}
