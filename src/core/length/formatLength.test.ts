import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import reference from '../../../test/reference/length.json';
import { formatInches, formatMillimetres, writeLength, writeSize } from './formatLength';
import {
  halveLength,
  inches,
  lengthFromTicks,
  millimetres,
  subtractLengths,
  sumLengths,
  timesLength,
} from './length';
import { isOnMarks, nearestMarks, sixteenthInch, stepToMark, wholeMillimetre } from './marks';
import { speakLength } from './speakLength';
import { writeLengthBoth } from './writeBoth';

const ticks = fc.integer({ min: 0, max: 200_000_000 }).map(lengthFromTicks);

describe('formatting', () => {
  it('writes mixed fractions in lowest terms with U+2044', () => {
    expect(formatInches(inches(4, 15, 16))).toEqual({ text: '4 15⁄16', about: false });
    expect(formatInches(inches(4, 8, 16))).toEqual({ text: '4 1⁄2', about: false });
    expect(formatInches(inches(0, 3, 32))).toEqual({ text: '3⁄32', about: false });
    expect(formatInches(inches(0))).toEqual({ text: '0', about: false });
  });

  it('carries when rounding up to a whole', () => {
    expect(formatInches(inches(3, 63, 64), 8)).toEqual({ text: '4', about: true });
    expect(formatMillimetres(millimetres(9.96))).toEqual({ text: '10.0', about: true });
  });

  it('writes a negative overhang with a true minus, and never minus nothing', () => {
    expect(formatInches(inches(0, -1, 8)).text).toBe('−1⁄8');
    expect(formatInches(lengthFromTicks(-1))).toEqual({ text: '0', about: true });
    expect(formatMillimetres(millimetres(-2.5)).text).toBe('−2.5');
  });

  it('says about exactly when the shown figure is not the value (seed 3)', () => {
    fc.assert(
      fc.property(ticks, (length) => {
        const shown = formatInches(length, 64);
        expect(shown.about).toBe((length * 64) % 406_400 !== 0);
        expect(formatMillimetres(length).about).toBe(length % 1600 !== 0);
      }),
      { seed: 3 },
    );
  });

  it('writes one sign for a size, and both units side by side', () => {
    expect(writeSize({ width: inches(4, 1, 4), height: inches(5, 1, 2) }, 'mm')).toBe(
      '≈\u00a0108.0 × 139.7',
    );
    expect(writeLengthBoth(inches(4, 1, 4), 'in')).toBe('4 1⁄4 in (≈\u00a0108.0 mm)');
    expect(writeLength(millimetres(148.5), 'mm')).toBe('148.5');
  });

  // test/reference/length.json, millimetres to the nearest sixteenth.
  it('agrees with the published nearest sixteenths', () => {
    expect(reference.mmToNearest16.length).toBe(9);
    for (const { mm, nearest16 } of reference.mmToNearest16)
      expect(formatInches(millimetres(mm), 16).text.replace('⁄', '/')).toBe(nearest16);
  });
});

describe('speaking', () => {
  it('says figures as one does aloud', () => {
    expect(speakLength(inches(4, 15, 16), 'in')).toBe('four and fifteen sixteenths');
    expect(speakLength(inches(0, 1, 2), 'in')).toBe('a half');
    expect(speakLength(inches(3, 1, 8), 'in')).toBe('three and one eighth');
    expect(speakLength(inches(0, 3, 4), 'in')).toBe('three quarters');
    expect(speakLength(inches(11), 'in')).toBe('eleven');
    expect(speakLength(millimetres(148.5), 'mm')).toBe(
      'one hundred and forty-eight point five millimetres',
    );
    expect(speakLength(inches(4, 1, 4), 'mm')).toBe(
      'about one hundred and eight point zero millimetres',
    );
  });
});

describe('marks', () => {
  it('finds the neighbours, and on a mark the mark itself', () => {
    expect(nearestMarks(inches(3, 11, 32), sixteenthInch)).toEqual({
      on: false,
      below: inches(3, 5, 16),
      above: inches(3, 6, 16),
    });
    const on = nearestMarks(millimetres(105), wholeMillimetre);
    expect(on).toEqual({ on: true, below: millimetres(105), above: millimetres(105) });
    expect(isOnMarks(millimetres(105), [sixteenthInch, wholeMillimetre])).toBe(true);
    expect(isOnMarks(millimetres(105), [])).toBe(false);
  });

  it('steps from between marks to the neighbour, and never below zero', () => {
    expect(stepToMark(inches(0, 3, 32), sixteenthInch, 1)).toBe(inches(0, 1, 8));
    expect(stepToMark(inches(0, 1, 8), sixteenthInch, -1)).toBe(inches(0, 1, 16));
    expect(stepToMark(inches(0), sixteenthInch, -1)).toBe(inches(0));
  });

  it('refuses a spacing of nothing as the fault of the caller', () => {
    expect(() => nearestMarks(inches(1), lengthFromTicks(0))).toThrow('positive spacing');
  });
});

describe('arithmetic', () => {
  it('never drifts: a thousand reveals added and taken off leave the length (seed 5)', () => {
    fc.assert(
      fc.property(ticks, ticks, (length, reveal) => {
        let current = length;
        for (let count = 0; count < 1000; count++) current = sumLengths(current, reveal);
        expect(current).toBe(sumLengths(length, timesLength(reveal, 1000)));
        expect(subtractLengths(current, timesLength(reveal, 1000))).toBe(length);
      }),
      { seed: 5, numRuns: 30 },
    );
  });

  it('halves into parts that add up, the odd half tick on the far side (seed 9)', () => {
    fc.assert(
      fc.property(fc.integer({ min: -1e6, max: 1e6 }), (count) => {
        const [near, far] = halveLength(lengthFromTicks(count));
        expect(near + far).toBe(count);
        expect(far - near === 0 || far - near === 1).toBe(true);
      }),
      { seed: 9 },
    );
  });

  it('refuses what is no whole tick as the fault of the caller', () => {
    expect(() => inches(0, 1, 3)).toThrow('whole number of ticks');
    expect(() => millimetres(0.0001)).toThrow('whole micrometres');
  });
});
