import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import reference from '../../../test/reference/largest-empty-rectangle.json';
import { areaOf, emptyRectangles, type Corners } from './emptyRectangles';

const corners = ([x0 = 0, y0 = 0, x1 = 0, y1 = 0]: readonly number[]): Corners => ({
  x0,
  y0,
  x1,
  y1,
});

/** The largest area there is; undefined where nothing is free. */
const largestArea = (w: number, h: number, obstacles: readonly Corners[]) =>
  emptyRectangles({ w, h }, obstacles)
    .map(areaOf)
    .toSorted((a, b) => (a < b ? 1 : -1))[0];

describe('the largest empty rectangle', () => {
  // Cases worked out by two other exact methods; how is told in the file.
  it.each(reference.cases)('has the area of the reference: $name', ({ W, H, obstacles, area }) => {
    expect(largestArea(W, H, obstacles.map(corners))).toBe(BigInt(area));
  });

  it('is none where the sheet is covered, or has no extent', () => {
    expect(largestArea(10, 10, [corners([-1, -1, 11, 11])])).toBeUndefined();
    expect(largestArea(0, 10, [])).toBeUndefined();
  });
});

/** Slow and obvious: every rectangle of a small grid that is free and can grow to no side. */
function tryAll(w: number, h: number, obstacles: readonly Corners[]): readonly string[] {
  const isFree = (x: number, y: number, x1: number, y1: number) =>
    x >= 0 &&
    y >= 0 &&
    x1 <= w &&
    y1 <= h &&
    obstacles.every((each) => each.x1 <= x || x1 <= each.x0 || each.y1 <= y || y1 <= each.y0);
  const found: string[] = [];
  for (let x = 0; x < w; x++)
    for (let y = 0; y < h; y++)
      for (let x1 = x + 1; x1 <= w; x1++)
        for (let y1 = y + 1; y1 <= h; y1++)
          if (
            isFree(x, y, x1, y1) &&
            !isFree(x - 1, y, x1, y1) &&
            !isFree(x, y - 1, x1, y1) &&
            !isFree(x, y, x1 + 1, y1) &&
            !isFree(x, y, x1, y1 + 1)
          )
            found.push(`${x} ${y} ${x1 - x} ${y1 - y}`);
  return found.toSorted();
}

it('finds every rectangle that cannot grow, each once, on any small sheet (seed 7)', () => {
  const obstacle = fc
    .tuple(
      fc.integer({ min: -2, max: 8 }),
      fc.integer({ min: -2, max: 8 }),
      fc.integer({ min: 1, max: 5 }),
      fc.integer({ min: 1, max: 5 }),
    )
    .map(([x0, y0, w, h]) => ({ x0, y0, x1: x0 + w, y1: y0 + h }));
  fc.assert(
    fc.property(fc.array(obstacle, { maxLength: 5 }), (obstacles) => {
      const found = emptyRectangles({ w: 8, h: 9 }, obstacles).map(
        ({ x, y, w, h }) => `${x} ${y} ${w} ${h}`,
      );
      expect(found.toSorted()).toEqual(tryAll(8, 9, obstacles));
    }),
    { seed: 7, numRuns: 200 },
  );
});
