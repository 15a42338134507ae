/** An exact fraction; the denominator is positive. Not reduced: the figures people type are small. */
export interface Rational {
  readonly n: bigint;
  readonly d: bigint;
}

export const rational = (n: bigint | number, d: bigint | number = 1n): Rational => ({
  n: BigInt(n),
  d: BigInt(d),
});

export const addRational = (a: Rational, b: Rational): Rational => ({
  n: a.n * b.d + b.n * a.d,
  d: a.d * b.d,
});

export const multiplyRational = (a: Rational, b: Rational): Rational => ({
  n: a.n * b.n,
  d: a.d * b.d,
});

/**
 * The nearest whole number; a half rounds up.
 * @throws RangeError when the denominator is not positive.
 */
export function roundRational({ n, d }: Rational): bigint {
  if (d <= 0n) throw new RangeError(`roundRational: expected a positive denominator, got ${d}`);
  const doubled = 2n * n + d;
  const floor = doubled / (2n * d);
  return doubled < 0n && doubled % (2n * d) !== 0n ? floor - 1n : floor;
}

/** Whether the fraction is a whole number. */
export const isWhole = ({ n, d }: Rational): boolean => n % d === 0n;
