import { describe, expect, it } from 'vitest';
import type { CopiesPoint } from '../process/copiesPoint';
import { copiesHeading, moreCopiesWords, oneMoreWords } from './copiesWords';

const point = (copies: number, sheets: number, evenings: number | undefined): CopiesPoint => ({
  ...{ copies, sheets, evenings, stocks: [], isLeast: true, costOfOne: 185, unpriced: [] },
});

describe('what so many copies take, in words', () => {
  it('tells sheets, evenings and the cost of one', () => {
    expect(copiesHeading(point(24, 16, 3))).toBe('24 copies: 16 sheets, 3 evenings, 1.85 a card');
    expect(copiesHeading({ ...point(1, 1, 1), costOfOne: 0 })).toBe('One card: 1 sheet, 1 evening');
    expect(copiesHeading(point(2, 1, undefined))).toContain('no evening is long enough');
  });

  it('tells what one more takes, and how many more come free', () => {
    const points = [point(1, 1, 1), point(2, 1, 1), point(3, 1, 1), point(4, 2, 2)];
    expect(moreCopiesWords(points, 1)).toBe('2 more take no sheet and no evening.');
    expect(moreCopiesWords(points, 2)).toBe('One more takes no sheet and no evening.');
    expect(moreCopiesWords(points, 3)).toBe('One more takes 1 sheet and 1 evening.');
    expect(moreCopiesWords(points, 4)).toBe('');
  });

  it('leaves out what a copy more does not take', () => {
    expect(oneMoreWords({ sheets: 0, evenings: 2 })).toBe('2 evenings');
    expect(oneMoreWords({ sheets: -1, evenings: 0 })).toBe('nothing');
  });
});
