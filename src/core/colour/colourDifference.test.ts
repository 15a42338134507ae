import { describe, expect, it } from 'vitest';
import published from '../../../test/reference/ciede2000-sharma.json';
import { colourDifference } from './colourDifference';
import { labOf, type Lab } from './lab';

const lab = ([l, a, b]: readonly number[]): Lab => ({
  mode: 'lab65',
  l: l ?? NaN,
  a: a ?? NaN,
  b: b ?? NaN,
});

describe('the difference of two colours', () => {
  // Sharma, Wu, Dalal: The CIEDE2000 color-difference formula, Color Res. Appl. 30 (2005), table 1.
  it('agrees with all published pairs to four places, both ways round', () => {
    expect(published.pairs.length).toBe(34);
    for (const { lab1, lab2, dE00 } of published.pairs) {
      expect(colourDifference(lab(lab1), lab(lab2))).toBeCloseTo(dE00, 4);
      expect(colourDifference(lab(lab2), lab(lab1))).toBeCloseTo(dE00, 4);
    }
  });
});

describe('an sRGB colour in L*a*b*', () => {
  // White and black by definition; red and blue from memory of the usual D65 tables, to a tenth.
  it.each([
    ['#ffffff', 100, 0, 0],
    ['#000000', 0, 0, 0],
    ['#ff0000', 53.2, 80.1, 67.2],
    ['#0000ff', 32.3, 79.2, -107.9],
  ])('has %s where the tables have it', (hex, l, a, b) => {
    const found = labOf(hex);
    expect(Math.abs(found.l - l)).toBeLessThan(0.1);
    expect(Math.abs(found.a - a)).toBeLessThan(0.1);
    expect(Math.abs(found.b - b)).toBeLessThan(0.1);
  });

  it('refuses what is no colour', () => {
    expect(() => labOf('red')).toThrow('labOf: expected a colour');
  });
});
