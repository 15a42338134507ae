import { describe, expect, it } from 'vitest';
import {
  dotOn,
  library,
  measure,
  pieceOn,
  planOf,
  stampedOn,
  wordsOn,
  wren,
} from '../../../test/support/plans';
import { inches, type Length } from '../length/length';
import type { PieceId } from '../plan/ids';
import type { Piece } from '../plan/piece';
import { resolvePlan } from '../resolve/resolvePlan';
import { seeded } from '../seeded';
import { contains, nearestBetween } from './distance';
import { flattenPath, pathIssue, type Point, type Polygon } from '../geometry/flattenPath';
import { boundsOf, type Outline } from './outline';
import { outlineOf } from '../resolve/outlineOf';
import { areaOfOutline, growOutline, intersectOutlines, uniteOutlines } from './polygons';
import { visiblePart } from '../measuring/visiblePart';

/** By the formula of the shoelace, which knows nothing of the library. */
function shoelace(polygon: Polygon): number {
  return Math.abs(
    polygon.reduce((sum, { x, y }, index) => {
      const next = polygon[(index + 1) % polygon.length] as Point;
      return sum + x * next.y - next.x * y;
    }, 0) / 2,
  );
}
const square = (x: number, y: number, side: number): Polygon => [
  { x, y },
  { x: x + side, y },
  { x: x + side, y: y + side },
  { x, y: y + side },
];

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

describe('the outline of a piece', () => {
  const outlines = (turn: number) => {
    const plan = planOf([
      pieceOn('front', 'panel', measure('4', '5')),
      stampedOn('panel', 'bird', wren, { turn }),
      wordsOn('panel', 'words', ['hello', 'there'], { turn }),
      dotOn('panel', 'gem'),
    ]);
    return resolvePlan(plan, library).marks.map(outlineOf);
  };

  it('turned by a quarter has its sides swapped, about the same middle', () => {
    const [straight, turned] = [outlines(0), outlines(90)].map(([bird = []]) => boundsOf(bird));
    if (!straight || !turned) throw new Error('no bird');
    expect(turned.x1 - turned.x0).toBe(straight.y1 - straight.y0);
    expect(turned.y1 - turned.y0).toBe(straight.x1 - straight.x0);
    expect(turned.x0 + turned.x1).toBe(straight.x0 + straight.x1);
    expect(turned.y0 + turned.y1).toBe(straight.y0 + straight.y1);
  });

  it('is the shape of the stamp, a box for each line of words, and round for a dot', () => {
    const [bird = [], words = [], gem = []] = outlines(0);
    expect(bird.map((polygon) => polygon.length)).toEqual([3]);
    expect(shoelace(bird[0] ?? [])).toBe(inches(2) * inches(1) * 0.5);
    expect(words.map((polygon) => polygon.length)).toEqual([4, 4]);
    expect(shoelace(gem[0] ?? []) / (Math.PI * inches(0, 1, 16) ** 2)).toBeCloseTo(1, 1);
  });
});

describe('the distance of two outlines', () => {
  it('is that of the nearest corners or edges, and zero where they touch, cross or lie within', () => {
    const a = [square(0, 0, 10)];
    expect(nearestBetween(a, [square(13, 14, 5)]).distance).toBe(5);
    expect(nearestBetween(a, [square(12, 3, 4)]).distance).toBe(2);
    expect(nearestBetween(a, [square(10, 0, 4)]).distance).toBe(0);
    expect(nearestBetween(a, [square(5, 5, 10)]).distance).toBe(0);
    expect(nearestBetween(a, [square(3, 3, 2)]).distance).toBe(0);
    const cross = [
      [
        { x: -5, y: 4 },
        { x: 15, y: 4 },
        { x: 15, y: 6 },
        { x: -5, y: 6 },
      ],
    ];
    expect(nearestBetween(a, cross).distance).toBe(0);
  });

  it('is not zero inside a window', () => {
    const frame = [square(0, 0, 30), square(5, 5, 20)];
    expect(contains(frame, { x: 15, y: 15 })).toBe(false);
    expect(nearestBetween(frame, [square(13, 13, 4)]).distance).toBe(8);
  });

  it('agrees with the nearest of many points on both lines, seed 7', () => {
    const random = seeded(7);
    const triangle = (x: number): Polygon =>
      Array.from({ length: 3 }, () => ({ x: x + random() * 100, y: random() * 100 }));
    const pointsOn = (polygon: Polygon) =>
      polygon.flatMap((from, index) => {
        const to = polygon[(index + 1) % polygon.length] as Point;
        return Array.from({ length: 200 }, (_, step) => ({
          x: from.x + ((to.x - from.x) * step) / 200,
          y: from.y + ((to.y - from.y) * step) / 200,
        }));
      });
    for (let round = 0; round < 20; round += 1) {
      const [a, b] = [triangle(0), triangle(120)];
      let slow = Infinity;
      for (const p of pointsOn(a))
        for (const q of pointsOn(b)) slow = Math.min(slow, Math.hypot(p.x - q.x, p.y - q.y));
      const { distance } = nearestBetween([a], [b]);
      expect(distance).toBeLessThanOrEqual(slow + 1e-9);
      expect(slow - distance).toBeLessThan(1);
    }
  });
});

describe('areas of outlines', () => {
  const frame = [square(0, 0, 3000), square(500, 500, 2000)];

  it('count windows out, and agree with the shoelace', () => {
    expect(areaOfOutline([square(0, 0, 3000)])).toBe(shoelace(square(0, 0, 3000)));
    expect(areaOfOutline(frame)).toBe(3000 ** 2 - 2000 ** 2);
  });

  it('unite and intersect so that both together have the areas of each', () => {
    const other = [square(1500, 1500, 3000)];
    const [both, all] = [intersectOutlines(frame, other), uniteOutlines([frame, other])].map(
      areaOfOutline,
    );
    expect(all).toBe(areaOfOutline(frame) + areaOfOutline(other) - (both ?? NaN));
    expect(both).toBeGreaterThan(0);
  });

  it('unite the same whether all at once or one after the other, edge on edge too (seed 61)', () => {
    const random = seeded(61);
    for (let round = 0; round < 20; round++) {
      // On a coarse net, so that edges and corners fall on one another.
      const outlines = Array.from({ length: 12 }, () => {
        const [x, y, side] = [0, 0, 0].map(() => 500 * (1 + Math.floor(random() * 6)));
        const outer = square(x ?? 0, y ?? 0, side ?? 500);
        return random() < 0.4 ? [outer, square((x ?? 0) + 100, (y ?? 0) + 100, 300)] : [outer];
      });
      const oneByOne = outlines.reduce((sum, each) => uniteOutlines([sum, each]), [] as Outline);
      expect(areaOfOutline(uniteOutlines(outlines))).toBe(areaOfOutline(oneByOne));
    }
  });

  it('grow by a band round them, and shrink to nothing', () => {
    const grown = areaOfOutline(growOutline([square(0, 0, 1000)], 100));
    expect(grown / (1000 ** 2 + 4 * 1000 * 100 + Math.PI * 100 ** 2)).toBeCloseTo(1, 3);
    expect(growOutline([square(0, 0, 1000)], -501)).toEqual([]);
  });
});

describe('how much of a piece is seen', () => {
  const label = pieceOn('panel', 'label', measure('1', '1'));
  const seen = (pieces: readonly Piece[], id: string) => {
    const card = resolvePlan(
      planOf([pieceOn('front', 'panel', measure('4', '5')), ...pieces]),
      library,
    );
    const placed = [...card.pieces, ...card.marks].find((each) => each.id === id);
    if (!placed) throw new Error(`no ${id}`);
    return visiblePart(card, placed);
  };

  it('is all of it where nothing comes later, and a part less under a later piece', () => {
    expect(seen([label], 'label')).toBe(1);
    const half = pieceOn('panel', 'half', measure('1', '1'), {
      x: {
        from: 'piece',
        piece: 'label' as PieceId,
        side: 'right',
        gap: { ticks: -inches(0, 1, 2) as Length },
      },
      y: { from: 'centre' },
    });
    expect(seen([label, half], 'label')).toBeCloseTo(0.5, 5);
    expect(seen([label, half], 'half')).toBe(1);
    expect(seen([label, pieceOn('panel', 'over', measure('2', '2'))], 'label')).toBe(0);
  });

  it('does not count what lies on the piece itself', () => {
    expect(seen([label, pieceOn('label', 'top', measure('1/2', '1/2'))], 'label')).toBe(1);
    expect(seen([dotOn('panel', 'gem')], 'panel')).toBe(1);
  });

  it('of an image is what later die cuts and marks on its paper leave', () => {
    const gems = [stampedOn('panel', 'bird', wren), dotOn('panel', 'gem')];
    const part = 1 - Math.PI / 16 ** 2 / 1;
    expect(seen(gems, 'bird')).toBeCloseTo(part, 2);
    expect(seen(gems, 'gem')).toBe(1);
  });
});
