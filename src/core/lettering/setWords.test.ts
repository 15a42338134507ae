import { describe, expect, it } from 'vitest';
import { inches, millimetres } from '../length/length';
import { letteringIds, letterings } from './letterings';
import { fitWords, setWords, type WordsToSet } from './setWords';

const plain = (lines: readonly string[], align: WordsToSet['align'] = 'centre'): WordsToSet => ({
  lines,
  lettering: 'plain',
  align,
});

describe('words as they are set', () => {
  it.each(letteringIds)('are as high as asked, small letters without tails: %s', (lettering) => {
    const height = setWords({ lines: ['x'], lettering, align: 'left' }, millimetres(3)).height;
    // Round letters overshoot, and a hand is never even; x itself is near the height of the font.
    expect(height / millimetres(3)).toBeGreaterThan(0.85);
    expect(height / millimetres(3)).toBeLessThan(1.25);
  });

  it('are measured to their ink, so the width is less than the sum of the advances', () => {
    const { glyphs, unitsPerEm } = letterings.plain;
    const { width, em, lines } = setWords(plain(['hull']), inches(0, 1, 8));
    const sum = [...'hull'].reduce((total, letter) => total + (glyphs[letter]?.[0] ?? 0), 0);
    expect(lines[0]?.advance).toBeCloseTo((sum * em) / unitsPerEm);
    expect(width).toBeLessThan(lines[0]?.advance ?? 0);
    expect(width).toBeGreaterThan((lines[0]?.advance ?? 0) * 0.85);
  });

  it('grow in proportion to the height asked for', () => {
    const small = setWords(plain(['grown with love']), inches(0, 1, 8));
    const large = setWords(plain(['grown with love']), inches(0, 1, 4));
    expect(large.width / small.width).toBeCloseTo(2, 4);
    expect(large.height / small.height).toBeCloseTo(2, 4);
  });

  it('stand at the left, in the middle or at the right of the longest line', () => {
    const inkOf = (align: WordsToSet['align']) =>
      setWords(plain(['HHHH', 'H'], align), inches(1)).lines.map(({ x }) => x);
    const [left, centre, right] = [inkOf('left'), inkOf('centre'), inkOf('right')];
    expect(left[0]).toBeCloseTo(left[1] ?? NaN);
    expect((centre[1] ?? 0) - (left[1] ?? 0)).toBeCloseTo(((right[1] ?? 0) - (left[1] ?? 0)) / 2);
    expect(right[1]).toBeGreaterThan(centre[1] ?? Infinity);
  });

  it('leave out letters the font lacks, and are nothing without any', () => {
    expect(setWords(plain(['漢字']), inches(1))).toMatchObject({ width: 0, height: 0 });
    expect(setWords(plain(['a漢']), inches(1)).width).toBe(setWords(plain(['a']), inches(1)).width);
  });

  it('fill an image box one way, and stand in its middle the other', () => {
    const box = { width: inches(2), height: inches(1) };
    const { lines, em } = fitWords(plain(['thank you']), box);
    const again = setWords(plain(['thank you']), millimetres(3));
    expect((again.width * em) / again.em).toBeCloseTo(box.width, 0);
    const [line] = lines;
    expect(line?.baseline).toBeGreaterThan(box.height * 0.4);
    expect(line?.baseline).toBeLessThan(box.height * 0.75);
  });
});
