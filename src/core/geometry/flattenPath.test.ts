import { describe, expect, it } from 'vitest';
import { seeded } from '../seeded';
import { flattenLines, flattenPath, type Point, pathIssue } from './flattenPath';
import { shoelace, square } from '../../../test/support/shapes';

/** A point of a curve of third degree, by de Casteljau's halving lines. */
function onCurve(points: readonly Point[], t: number): Point {
  if (points.length === 1) return points[0] as Point;
  const next = points.slice(1).map((to, index) => {
    const from = points[index] as Point;
    return { x: from.x + (to.x - from.x) * t, y: from.y + (to.y - from.y) * t };
  });
  return onCurve(next, t);
}

/** How far a point is from the nearest of some chords. */
function off({ x, y }: Point, chords: readonly Point[]): number {
  return Math.min(
    ...chords.slice(1).map((b, index) => {
      const a = chords[index] as Point;
      const [dx, dy] = [b.x - a.x, b.y - a.y];
      const along = ((x - a.x) * dx + (y - a.y) * dy) / (dx * dx + dy * dy || 1);
      const part = Math.max(0, Math.min(1, along));
      return Math.hypot(x - a.x - part * dx, y - a.y - part * dy);
    }),
  );
}

describe('curves as chords', () => {
  it('stray from the curve by no more than is allowed, and are not much finer, 60 curves of seed 11', () => {
    const random = seeded(11);
    const coordinate = () => Math.round(random() * 1000);
    let [all, furthest] = [0, 0];
    for (let round = 0; round < 60; round++) {
      const points = Array.from({ length: 4 }, () => ({ x: coordinate(), y: coordinate() }));
      const [a, b, c, d] = points as [Point, Point, Point, Point];
      const error = 0.05 + random() * 5;
      const path = `M${a.x} ${a.y}C${b.x} ${b.y} ${c.x} ${c.y} ${d.x} ${d.y}Z`;
      const [chords = []] = flattenPath(path, error);
      const strays = Array.from({ length: 400 }, (_, at) => off(onCurve(points, at / 399), chords));
      const most = Math.max(...strays) / error;
      expect(most).toBeLessThanOrEqual(1 + 1e-9);
      furthest = Math.max(furthest, most);
      all += chords.length;
    }
    expect(furthest).toBeGreaterThan(0.5);
    expect(all).toBeLessThan(60 * 60);
  });

  it('are one where a curve is straight, and twice as many for a quarter of the error', () => {
    expect(flattenPath('M0 0C1 0 2 0 3 0V9Z', 0.01)).toEqual(flattenPath('M0 0H3V9Z'));
    const arc = 'M0 0C0 55 45 100 100 100V0Z';
    const count = (error: number) => flattenPath(arc, error)[0]?.length ?? 0;
    expect(count(0.001) / count(0.004)).toBeCloseTo(2, 1);
  });
});

describe('a path as closed lines', () => {
  it('keeps corners, closes what is open, and leaves out what encloses nothing', () => {
    expect(flattenPath('M0 0H4V4H0Z')).toEqual([square(0, 0, 4)]);
    expect(flattenPath('M0 0L4 0L4 4L0 4')).toEqual([square(0, 0, 4)]);
    expect(flattenPath('M0 0L9 9M1 1h2v2h-2z')).toEqual([square(1, 1, 2)]);
  });

  it('follows a circle to a thousandth of its radius: its area is that of the circle', () => {
    const [circle = []] = flattenPath('M0 100A100 100 0 1 1 200 100A100 100 0 1 1 0 100Z');
    for (const { x, y } of circle)
      expect(Math.hypot(x - 100, y - 100)).toBeGreaterThan(100 * 0.999);
    expect(shoelace(circle) / (Math.PI * 100 * 100)).toBeCloseTo(1, 2);
  });

  it('follows quadratic curves as the cubic ones that are the same', () => {
    const quadratic = flattenPath('M0 0Q30 60 60 0Z');
    const cubic = flattenPath('M0 0C20 40 40 40 60 0Z');
    quadratic[0]?.forEach(({ x, y }, index) => {
      expect(x).toBeCloseTo(cubic[0]?.[index]?.x ?? NaN);
      expect(y).toBeCloseTo(cubic[0]?.[index]?.y ?? NaN);
    });
    expect(quadratic[0]?.length).toBeGreaterThan(5);
  });

  it('says what is wrong with a path', () => {
    expect(pathIssue('M0 0L1')).toContain('SvgPath');
    expect(pathIssue('M0 0L1 1')).toBeUndefined();
    expect(() => flattenPath('M0 0L1')).toThrow('flattenPath');
  });
});

describe('lines as a pen draws them', () => {
  it('go there and back, open or closed, so that they enclose nothing', () => {
    for (const path of ['M0 0H2', 'M0 0H2V2', 'M0 0H2V2Z', 'M0 0C0 2 2 2 2 0'])
      for (const line of flattenLines(path)) expect(shoelace(line)).toBeCloseTo(0, 9);
    const [closed] = flattenLines('M0 0H2V2Z');
    expect(closed).toContainEqual({ x: 2, y: 2 });
    expect(closed?.filter(({ x, y }) => x === 0 && y === 0)).toHaveLength(2);
    expect(flattenLines('M0 0H2')).toEqual([
      [
        { x: 0, y: 0 },
        { x: 2, y: 0 },
      ],
    ]);
  });
});
