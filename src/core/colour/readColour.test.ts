import { describe, expect, it } from 'vitest';
import { colourDifference } from './colourDifference';
import { labOf } from './lab';
import { readColour } from './readColour';

describe('a colour that is typed', () => {
  it.each([
    ['#5C2E4B', '#5c2e4b'],
    [' 5c2e4b ', '#5c2e4b'],
    ['teal', '#008080'],
    ['Rebeccapurple', '#663399'],
    ['L 100 a 0 b 0', '#ffffff'],
    ['l*0 a*0 b*0', '#000000'],
  ])('%s is %s', (text, hex) => {
    expect(readColour(text)).toBe(hex);
  });

  it.each(['', 'plum stone', '#5c2e4', '#12345g', 'L 52 a 30', 'L 120 a 0 b 0', 'L 50 a 300 b 0'])(
    '“%s” is none',
    (text) => {
      expect(readColour(text)).toBeUndefined();
    },
  );

  it('as measured is seen as it was, in either way of writing it', () => {
    for (const hex of ['#5c2e4b', '#e0a03a', '#3f7ba0', '#d6bd84']) {
      const { l, a, b } = labOf(hex);
      for (const text of [`L ${l} a ${a} b ${b}`, `lab(${l} ${a} ${b})`, `L${l}a${a}b${b}`]) {
        const read = readColour(text) ?? '';
        expect(colourDifference(labOf(read), labOf(hex))).toBeLessThan(0.3);
      }
    }
    expect(readColour('L 52,5 a 30 b -12')).toMatch(/^#/);
  });
});
