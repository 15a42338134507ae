import { describe, expect, it } from 'vitest';
import { inches, lengthFromTicks } from '../length/length';
import { writeMeasured } from './rulerWords';

describe('a measured figure', () => {
  it('carries the about sign once, whether it is rounded or not', () => {
    expect(writeMeasured(inches(0, 1, 2), 'in', false)).toBe('1⁄2');
    expect(writeMeasured(inches(0, 1, 2), 'in', true)).toBe('≈ 1⁄2');
    expect(
      writeMeasured(lengthFromTicks(inches(0, 1, 2) + 7), 'in', true).match(/≈/g),
    ).toHaveLength(1);
  });
});
