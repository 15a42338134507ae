import DxfParser from 'dxf-parser';
import { describe, expect, it } from 'vitest';
import { TICKS_PER_MILLIMETRE } from '../length/length';
import type { Page } from './shape';
import { writeDxf } from './writeDxf';
import { mm, line, pageOf, arch } from '../../../test/support/pages';

describe('drawings as DXF', () => {
  // Read back by dxf-parser, a general-purpose reader of the format.
  const read = (page: Page) => {
    const drawing = new DxfParser().parseSync(writeDxf(page));
    if (!drawing) throw new Error('nothing read');
    return drawing.entities as unknown as {
      type: string;
      layer: string;
      shape?: boolean;
      vertices?: { x: number; y: number }[];
      center?: { x: number; y: number };
      radius?: number;
    }[];
  };

  it('have circles as circles, and y upward from the bottom', () => {
    const [circle] = read(pageOf({ kind: 'circle', x: mm(10), y: mm(20), radius: mm(3), line }));
    expect(circle).toMatchObject({ type: 'CIRCLE', layer: 'first', radius: 3 });
    expect(circle?.center).toMatchObject({ x: 10, y: 30 });
  });

  it('follow other curves with fine chords: no point of them and no middle is 0.02 mm off the arc', () => {
    const [curve] = read(pageOf(arch));
    const vertices = (curve?.vertices ?? []).slice(0, -1);
    expect(curve?.shape).toBe(true);
    expect(vertices.length).toBeGreaterThan(20);
    const middles = vertices.slice(1).map(({ x, y }, at) => ({
      x: (x + (vertices[at]?.x ?? NaN)) / 2,
      y: (y + (vertices[at]?.y ?? NaN)) / 2,
    }));
    for (const { x, y } of [...vertices, ...middles])
      expect(Math.abs(Math.hypot(x - 20, y - 20) - 10)).toBeLessThan(0.021);
  });

  it('turn with their groups, the inner turn before the outer', () => {
    const inner = { degrees: 90, x: 0, y: 0 };
    const outer = { degrees: 90, x: mm(10), y: 0 };
    const [turned] = read(
      pageOf({
        kind: 'group',
        turn: outer,
        shapes: [
          {
            kind: 'line',
            points: [
              { x: mm(10), y: 0 },
              { x: mm(10), y: mm(5) },
            ],
            line,
            turn: inner,
          },
        ],
      }),
    );
    // (10, 0) goes to (0, 10) about the corner, and from there to (0, -10) about (10, 0).
    expect(turned?.vertices?.map(({ x, y }) => [Math.round(x) + 0, Math.round(50 - y)])).toEqual([
      [0, -10],
      [0, -15],
    ]);
    expect(turned?.shape).toBe(false);
  });

  it('tell fractions with a plain stroke', () => {
    const words = {
      kind: 'text',
      align: 'centre',
      words: '4 1\u20444',
      colour: '#000',
      height: mm(3),
      x: 0,
      y: 0,
    } as const;
    expect(writeDxf(pageOf(words))).toContain('4 1/4');
    expect(TICKS_PER_MILLIMETRE).toBe(mm(1));
  });
});
