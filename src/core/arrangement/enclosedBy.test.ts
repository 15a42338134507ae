import { describe, expect, it } from 'vitest';
import { flattenWays } from '../geometry/flattenPath';
import { contains } from '../outline/distance';
import { enclosedBy } from './enclosedBy';

const areas = (path: string, gap = 0, halfWidth = 1) =>
  enclosedBy(
    flattenWays(path).map((way) => ({ ...way, halfWidth })),
    gap,
  );
/** How many areas there are, and which of these points lies in which of them. */
const indexAt = (outlines: ReturnType<typeof areas>, x: number, y: number) =>
  outlines.findIndex((outline) => contains(outline, { x, y }));

describe('the areas that lines enclose', () => {
  it('are parted by lines that cross, and counted row by row', () => {
    const found = areas('M0 0H100V100H0Z M0 50H100 M50 0V100');
    expect(found).toHaveLength(4);
    expect([indexAt(found, 25, 25), indexAt(found, 75, 25)]).toEqual([0, 1]);
    expect([indexAt(found, 25, 75), indexAt(found, 75, 75)]).toEqual([2, 3]);
  });

  it('have what lies within them as holes', () => {
    const found = areas('M0 0H100V100H0Z M40 40H60V60H40Z');
    expect(found).toHaveLength(2);
    expect(indexAt(found, 50, 50)).not.toBe(indexAt(found, 20, 20));
  });

  it('are not parted by an end that stands free, nor lost with a line drawn twice', () => {
    expect(areas('M0 0H100V100H0Z M50 0V60')).toHaveLength(1);
    expect(areas('M0 0H100V100H0Z M0 0H100V100H0Z')).toHaveLength(1);
  });

  it('are closed where a gap is no wider than is said between the edges of the lines', () => {
    const open = 'M10 0H100V100H0V0'; // 10 between the middles, so 8 between the edges
    expect(areas(open, 7.8)).toHaveLength(0);
    expect(areas(open, 8.2)).toHaveLength(1);
    const short = 'M0 0H100V100H0Z M50 0V90';
    expect(areas(short, 7)).toHaveLength(1);
    expect(areas(short, 9)).toHaveLength(2);
  });

  it('are closed by the width of the lines alone where they touch', () => {
    expect(areas('M0 0H100V100H0Z M50 1V99', 0, 2)).toHaveLength(2);
  });

  it('are none where nothing is drawn', () => {
    expect(enclosedBy([], 1)).toEqual([]);
  });
});
