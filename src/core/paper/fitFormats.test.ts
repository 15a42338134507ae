import { describe, expect, it } from 'vitest';
import { inches, type Size } from '../length/length';
import { fitFormats } from './fitFormats';

const size = (width: Size['width'], height: Size['height']): Size => ({ width, height });

describe('choosing the base last', () => {
  it('offers the formats a panel fits on, the least border first', () => {
    const fitting = fitFormats(size(inches(4, 1, 8), inches(5, 3, 8)));
    expect(fitting[0]).toMatchObject({ id: 'a2', stand: 'upright', atSides: inches(0, 1, 16) });
    const borders = fitting.map(({ atSides, atEnds }) => atSides + atEnds);
    expect(borders).toEqual(borders.toSorted((a, b) => a - b));
    expect(fitting.filter(({ id }) => id === 'square-5-1-4')).toEqual([]);
    expect(fitting.filter(({ id }) => id === 'half-page').map(({ stand }) => stand)).toEqual([
      'upright',
      'lying',
    ]);
  });

  it('offers a square once, and nothing for what is larger than all', () => {
    const small = fitFormats(size(inches(3), inches(3)));
    expect(small.filter(({ id }) => id === 'square-5').length).toBe(1);
    expect(fitFormats(size(inches(20), inches(3)))).toEqual([]);
  });
});
