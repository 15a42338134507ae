import fc from 'fast-check';
import Fraction from 'fraction.js';
import { describe, expect, it } from 'vitest';
import reference from '../../../test/reference/length.json';
import { formatInches, formatMillimetres } from './formatLength';
import {
  inches,
  lengthFromTicks,
  millimetres,
  TICKS_PER_INCH,
  TICKS_PER_MILLIMETRE,
  type Length,
  type Unit,
} from './length';
import type { LengthIssueCode } from './lengthIssue';
import { parseLength, parseSize } from './parseLength';

const read = (text: string, unit: Unit = 'in'): Length => {
  const parsed = parseLength(text, unit);
  if (!parsed.ok) throw new Error(`${text}: ${parsed.issue.code}`);
  return parsed.length;
};
const issueOf = (text: string, unit: Unit = 'in') => {
  const parsed = parseLength(text, unit);
  return parsed.ok ? undefined : parsed.issue;
};

describe('what people type', () => {
  it.each<[string, Length]>([
    ['4 15/16', inches(4, 15, 16)],
    ['4-15/16"', inches(4, 15, 16)],
    ['4–15/16', inches(4, 15, 16)],
    ['4 15⁄16 in', inches(4, 15, 16)],
    ['4⅞', inches(4, 7, 8)],
    ['4 ⅞″', inches(4, 7, 8)],
    ['.5', inches(0, 1, 2)],
    ['5.', inches(5)],
    ['10,5 cm', millimetres(105)],
    ['105mm', millimetres(105)],
    ['1 m', millimetres(1000)],
    ['11/2', inches(5, 1, 2)],
    ['0', inches(0)],
    ['  3 1/4 IN. ', inches(3, 1, 4)],
  ])('reads %s', (text, length) => {
    expect(read(text)).toBe(length);
  });

  it.each<[string, Length]>([
    ['4 1/4 - 1/8', inches(4, 1, 8)],
    ['4 1/4-1/8', inches(4, 1, 8)],
    ['4-15/16-1/8', inches(4, 13, 16)],
    ['3 x 1 1/2 + 1/8', inches(4, 5, 8)],
    ['1 1/2 × 3', inches(4, 1, 2)],
    ['2 x (1 1/2 + 1/8)', inches(3, 1, 4)],
    ['8 1/2 / 2', inches(4, 1, 4)],
    ['10 - 3', inches(7)],
    ['1 in + 1 mm', lengthFromTicks(TICKS_PER_INCH + TICKS_PER_MILLIMETRE)],
  ])('works out %s', (text, length) => {
    expect(read(text)).toBe(length);
  });

  it('gives a bare number the leading unit, or the unit after the last term', () => {
    expect(read('105', 'mm')).toBe(millimetres(105));
    expect(read('105 + 2 mm', 'in')).toBe(millimetres(107));
    expect(read('5', 'in')).toBe(inches(5));
  });

  it('reads a bare fraction as inches in either school', () => {
    expect(read('1/8', 'mm')).toBe(inches(0, 1, 8));
    expect(read('4 1/8', 'mm')).toBe(inches(4, 1, 8));
    expect(read('1/2 mm', 'mm')).toBe(millimetres(0.5));
  });

  it('takes the nearest tick for what is no whole one, and says so', () => {
    expect(parseLength('1/3', 'in')).toEqual({ ok: true, length: 135_467, exact: false });
    expect(parseLength('0.001', 'in')).toEqual({ ok: true, length: 406, exact: false });
    expect(parseLength('1/128', 'in')).toEqual({ ok: true, length: 3175, exact: true });
  });
});

describe('sizes', () => {
  it('reads width first, a unit after the last serving both', () => {
    const exact = (length: Length) => ({ length, exact: true });
    expect(parseSize('8 1/2 x 5 1/2', 'in')).toEqual({
      ok: true,
      width: exact(inches(8, 1, 2)),
      height: exact(inches(5, 1, 2)),
    });
    expect(parseSize('105 × 148 mm', 'in')).toEqual({
      ok: true,
      width: exact(millimetres(105)),
      height: exact(millimetres(148)),
    });
    expect(parseSize('8 1/2 by 5 1/2 cm', 'in')).toEqual({
      ok: true,
      width: exact(millimetres(85)),
      height: exact(millimetres(55)),
    });
    expect(parseSize('4 in x 105 mm', 'in')).toMatchObject({ width: exact(inches(4)) });
  });

  it('asks for the second figure, and takes no third', () => {
    expect(parseSize('8 1/2', 'in')).toMatchObject({ ok: false, issue: { code: 'one-figure' } });
    expect(parseSize('1 x 2 x 3', 'in')).toMatchObject({
      ok: false,
      issue: { code: 'two-figures', at: 6, to: 7 },
    });
  });
});

describe('refusals', () => {
  it.each<[string, LengthIssueCode, number, number]>([
    ['', 'empty', 0, 0],
    ['   ', 'empty', 0, 3],
    ['4 1/8 q', 'unknown-character', 6, 7],
    ['4 ft', 'unknown-character', 2, 4],
    ['4 5', 'unexpected', 2, 3],
    ['4 +', 'unfinished', 3, 3],
    ['(4 + 1', 'unfinished', 6, 6],
    ['1/', 'unfinished', 2, 2],
    ['4 1/', 'unfinished', 4, 4],
    ['4-1/', 'unfinished', 4, 4],
    ['3 x 4 1/', 'unfinished', 8, 8],
    ['4 1/q', 'unknown-character', 4, 5],
    ['4 1/ + 2', 'unexpected', 5, 6],
    ['1/0', 'zero-denominator', 2, 3],
    ['8 / 0', 'zero-denominator', 4, 5],
    ['4 17/16', 'improper-in-mixed', 2, 7],
    ['4.5 1/2', 'decimal-with-fraction', 0, 5],
    ['8 1/2 x 5 1/2', 'two-lengths', 6, 7],
    ['-2 1/4', 'negative', 0, 1],
    ['1/8 - 1/4', 'negative', 0, 9],
    ['99999999 m', 'too-long', 0, 10],
  ])('points at the place in “%s”: %s', (text, code, at, to) => {
    expect(issueOf(text)).toEqual({ code, at, to });
  });

  it('never throws, and never gives NaN, whatever is typed (seed 7)', () => {
    const alphabet = [...'0123456789 ./,-–+x×()⅞½⁄"′inmc', 'mm', ' 1/2 ', '15/16'];
    const texts = fc.array(fc.constantFrom(...alphabet), { maxLength: 12 }).map((p) => p.join(''));
    fc.assert(
      fc.property(texts, fc.constantFrom<Unit>('in', 'mm'), (text, unit) => {
        const parsed = parseLength(text, unit);
        if (parsed.ok) expect(Number.isSafeInteger(parsed.length) && parsed.length >= 0).toBe(true);
        else expect(parsed.issue.at).toBeLessThanOrEqual(parsed.issue.to);
      }),
      { seed: 7, numRuns: 3000 },
    );
  });
});

describe('against the outside', () => {
  // International yard and pound agreement, 1959: 1 yd = 0.9144 m, so 1 in = 25.4 mm exactly.
  it('holds an inch to be 25.4 mm', () => {
    expect(TICKS_PER_INCH / TICKS_PER_MILLIMETRE).toBe(25.4);
    expect(read('36 in')).toBe(read('914.4 mm'));
  });

  // The cases of test/reference/length.json, verified there with two general-purpose libraries.
  const lawful = reference.parse.filter(({ in: text }) => /^[\d ./]+$/.test(text));
  it('agrees with the published fraction cases', () => {
    expect(lawful.length).toBeGreaterThan(8);
    for (const { in: text, n, d } of lawful)
      expect(read(text)).toBe(Math.round((n * TICKS_PER_INCH) / d));
    const unicode = reference.unicodeForms.filter(([, value]) => value !== null);
    expect(unicode.length).toBeGreaterThan(4);
    for (const [text, value] of unicode)
      expect(read(String(text))).toBe(Number(value) * TICKS_PER_INCH);
  });

  // fraction.js, a general-purpose library of exact fractions.
  it('agrees with exact fractions on sums of mixed fractions (seed 11)', () => {
    const mixed = fc.record({
      whole: fc.integer({ min: 0, max: 20 }),
      n: fc.integer({ min: 1, max: 63 }),
      d: fc.constantFrom(2, 4, 8, 16, 32, 64),
    });
    fc.assert(
      fc.property(fc.array(mixed, { minLength: 1, maxLength: 6 }), (terms) => {
        const proper = terms.map(({ whole, n, d }) => ({ whole, n: n % d || 1, d }));
        const text = proper.map(({ whole, n, d }) => `${whole} ${n}/${d}`).join(' + ');
        const exact = proper.reduce(
          (sum, { whole, n, d }) => sum.add(whole).add(new Fraction(n, d)),
          new Fraction(0),
        );
        expect(new Fraction(read(text)).equals(exact.mul(TICKS_PER_INCH))).toBe(true);
      }),
      { seed: 11 },
    );
  });
});

describe('inverse of formatting', () => {
  const marks = [8, 16, 32, 64] as const;
  it.each(marks)('on every 1/%i in mark up to 12 in', (mark) => {
    for (let count = 0; count <= 12 * mark; count++) {
      const length = inches(0, count, mark);
      const { text, about } = formatInches(length, mark);
      expect({ length: read(text), about }).toEqual({ length, about: false });
    }
  });

  it.each([0.1, 0.5, 1] as const)('on every %f mm mark up to 305 mm', (step) => {
    for (let count = 0; count <= 305 / step; count++) {
      const length = lengthFromTicks(Math.round(count * step * 10) * (TICKS_PER_MILLIMETRE / 10));
      const { text, about } = formatMillimetres(length, step);
      expect({ length: read(text, 'mm'), about }).toEqual({ length, about: false });
    }
  });
});
