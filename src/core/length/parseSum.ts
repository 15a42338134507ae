import { refuse } from './lengthIssue';
import { addRational, multiplyRational, rational, type Rational } from './rational';
import { ticksPerUnit, type LengthUnit, type Token } from './tokenizeLength';

/**
 * The value of a sum before its bare figures have a unit: known ticks, bare numbers and bare
 * fractions are kept apart, since each finds its unit by another rule.
 */
export interface Quantity {
  readonly ticks: Rational;
  readonly numbers: Rational;
  readonly fractions: Rational;
  /** A lone whole number without unit, the only thing that may multiply. */
  readonly count: bigint | undefined;
  /** The unit written after the last figure, if there is one. */
  readonly lastUnit: LengthUnit | undefined;
}

export interface SumOptions {
  /** In a size the sign stands between width and height; in a length it multiplies. */
  readonly times: 'multiplies' | 'separates';
}

interface Parsed {
  readonly value: Quantity;
  readonly next: number;
}

const nothing = rational(0);

/**
 * sum := product (('+' | '-') product)*
 * product := figure (('x' figure) | ('/' whole))*
 * figure := '(' sum ')' | decimal unit? | whole unit? | [whole ['-']] fraction unit?
 * @throws LengthSyntaxError with the place of what cannot be read.
 */
export function parseSum(tokens: readonly Token[], start: number, options: SumOptions): Parsed {
  let { value, next } = parseProduct(tokens, start, options);
  for (;;) {
    const operator = tokenAt(tokens, next);
    if (operator.kind !== 'plus' && operator.kind !== 'minus') return { value, next };
    const right = parseProduct(tokens, next + 1, options);
    value = add(value, operator.kind === 'minus' ? scale(right.value, rational(-1)) : right.value);
    next = right.next;
  }
}

function parseProduct(tokens: readonly Token[], start: number, options: SumOptions): Parsed {
  let { value, next } = parseFigure(tokens, start);
  for (;;) {
    const operator = tokenAt(tokens, next);
    if (operator.kind === 'slash') {
      const divisor = tokenAt(tokens, next + 1);
      if (divisor.kind === 'end') refuse('unfinished', divisor.at, divisor.to);
      if (divisor.kind !== 'whole') return refuse('unexpected', divisor.at, divisor.to);
      if (BigInt(divisor.digits) === 0n) refuse('zero-denominator', divisor.at, divisor.to);
      value = { ...scale(value, rational(1n, BigInt(divisor.digits))), count: undefined };
      next += 2;
    } else if (operator.kind === 'times' && options.times === 'multiplies') {
      const right = parseFigure(tokens, next + 1);
      if (value.count !== undefined)
        value = { ...scale(right.value, rational(value.count)), count: undefined };
      else if (right.value.count !== undefined) value = scale(value, rational(right.value.count));
      else refuse('two-lengths', operator.at, operator.to);
      next = right.next;
    } else return { value, next };
  }
}

function parseFigure(tokens: readonly Token[], start: number): Parsed {
  const token = tokenAt(tokens, start);
  switch (token.kind) {
    case 'open': {
      const inner = parseSum(tokens, start + 1, { times: 'multiplies' });
      const close = tokenAt(tokens, inner.next);
      if (close.kind !== 'close')
        refuse(close.kind === 'end' ? 'unfinished' : 'unexpected', close.at, close.to);
      return { value: inner.value, next: inner.next + 1 };
    }
    case 'decimal': {
      const after = tokenAt(tokens, start + 1);
      if (after.kind === 'vulgar' || isFraction(tokens, start + 1))
        refuse('decimal-with-fraction', token.at, after.to);
      return withUnit(tokens, start + 1, token.value, 'numbers');
    }
    case 'vulgar':
      return withUnit(tokens, start + 1, token.value, 'fractions');
    case 'whole':
      return parseWholeOrMixed(tokens, start, token.digits);
    case 'end':
      return refuse('unfinished', token.at, token.to);
    case 'minus':
      return refuse('negative', token.at, token.to);
    default:
      return refuse('unexpected', token.at, token.to);
  }
}

function parseWholeOrMixed(tokens: readonly Token[], start: number, digits: string): Parsed {
  if (isFraction(tokens, start))
    return withUnit(tokens, start + 3, readFraction(tokens, start), 'fractions');
  const after = tokenAt(tokens, start + 1);
  const fractionAt = after.kind === 'minus' && after.glued ? start + 2 : start + 1;
  const first = tokenAt(tokens, fractionAt);
  const isVulgar = first.kind === 'vulgar';
  if (isVulgar || isFraction(tokens, fractionAt)) {
    const fraction = isVulgar ? first.value : readFraction(tokens, fractionAt);
    const next = fractionAt + (isVulgar ? 1 : 3);
    if (fraction.n >= fraction.d)
      refuse('improper-in-mixed', first.at, tokenAt(tokens, next - 1).to);
    const value = addRational(rational(BigInt(digits)), fraction);
    return withUnit(tokens, next, value, 'fractions');
  }
  if (first.kind === 'whole' && tokenAt(tokens, fractionAt + 1).kind === 'slash') {
    const lower = tokenAt(tokens, fractionAt + 2);
    refuse(lower.kind === 'end' ? 'unfinished' : 'unexpected', lower.at, lower.to);
  }
  const whole = withUnit(tokens, start + 1, rational(BigInt(digits)), 'numbers');
  const count = whole.value.lastUnit === undefined ? BigInt(digits) : undefined;
  return { ...whole, value: { ...whole.value, count } };
}

function withUnit(
  tokens: readonly Token[],
  next: number,
  figure: Rational,
  kind: 'numbers' | 'fractions',
): Parsed {
  const token = tokenAt(tokens, next);
  const bare = { ticks: nothing, numbers: nothing, fractions: nothing, count: undefined };
  if (token.kind !== 'unit')
    return { value: { ...bare, [kind]: figure, lastUnit: undefined }, next };
  const ticks = multiplyRational(figure, rational(ticksPerUnit[token.unit]));
  return { value: { ...bare, ticks, lastUnit: token.unit }, next: next + 1 };
}

function isFraction(tokens: readonly Token[], at: number): boolean {
  return (
    tokens[at]?.kind === 'whole' &&
    tokens[at + 1]?.kind === 'slash' &&
    tokens[at + 2]?.kind === 'whole'
  );
}

function readFraction(tokens: readonly Token[], at: number): Rational {
  const [numerator, , denominator] = tokens.slice(at, at + 3);
  if (numerator?.kind !== 'whole' || denominator?.kind !== 'whole')
    throw new TypeError('readFraction: expected isFraction to have been asked first');
  if (BigInt(denominator.digits) === 0n) refuse('zero-denominator', denominator.at, denominator.to);
  return rational(BigInt(numerator.digits), BigInt(denominator.digits));
}

function add(a: Quantity, b: Quantity): Quantity {
  return {
    ticks: addRational(a.ticks, b.ticks),
    numbers: addRational(a.numbers, b.numbers),
    fractions: addRational(a.fractions, b.fractions),
    count: undefined,
    lastUnit: b.lastUnit,
  };
}

function scale(value: Quantity, factor: Rational): Quantity {
  const by = (part: Rational) => multiplyRational(part, factor);
  return {
    ...value,
    ticks: by(value.ticks),
    numbers: by(value.numbers),
    fractions: by(value.fractions),
  };
}

function tokenAt(tokens: readonly Token[], position: number): Token {
  const token = tokens[Math.min(position, tokens.length - 1)];
  if (!token) throw new RangeError('tokenAt: expected at least the end token');
  return token;
}
