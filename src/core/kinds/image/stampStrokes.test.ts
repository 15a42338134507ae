import { describe, expect, it } from 'vitest';
import { library, wren } from '../../../../test/support/plans';
import { inches } from '../../length/length';
import { findStamp } from '../../plan/library';
import { must } from '../../../../test/support/must';
import { stampStrokes } from './stampStrokes';
import { wish } from '../paint';

const bare = { ...must(findStamp(library, wren)), layers: [], words: null };
const whole = { width: inches(2), height: inches(1) };

describe('what a stamp prints', () => {
  it('is its name in a frame while it has no drawing, all of it inside the box', () => {
    const [frame, name] = stampStrokes({ ...bare, name: 'Tin kettle on the old stove' }, whole, []);
    expect(frame).toMatchObject({ kind: 'path', box: whole });
    if (name?.kind !== 'words') throw new Error('expected words');
    // Two lines of some words each are larger than one long line.
    expect(name.lines.length).toBeGreaterThan(1);
    expect(name.lines.map(({ text }) => text).join(' ')).toBe('Tin kettle on the old stove');
    for (const { x, baseline, advance } of name.lines) {
      expect(x).toBeGreaterThan(0);
      expect(x + advance).toBeLessThan(whole.width);
      expect(baseline).toBeLessThan(whole.height);
    }
  });

  it('is nothing in a colour that is not there', () => {
    const words = { lines: ['hello'], lettering: 'plain' as const };
    expect(stampStrokes({ ...bare, words }, whole, [])).toEqual([]);
    expect(stampStrokes({ ...bare, words }, whole, [wish('#000000')])).toHaveLength(1);
  });
});
