import DxfParser from 'dxf-parser';
import Papa from 'papaparse';
import { describe, expect, it } from 'vitest';
import { loadHighs } from '../../../test/support/highs';
import { fiveLayers, library } from '../../../test/support/plans';
import { highsCoverSolver } from './coverSolver';
import { cutJob } from './cutJob';
import { planCuts, usualBudget } from './planCuts';
import { lastOf } from './planSheets';
import { writeSheetCutsCsv } from '../prose/writeSheetCutsCsv';
import { TICKS_PER_MILLIMETRE } from '../length/length';
import { resolvePlan } from '../resolve/resolvePlan';
import type { CutLayout } from './cutPlan';
import { cutsOf, scoresOf, templatePage, type Template } from './templatePage';
import { pieceContours } from '../pictures/pieceContours';
import { writeDxf } from '../drawing/writeDxf';
import { writeSvg } from '../drawing/writeSvg';

const plan = fiveLayers();
const job = cutJob(plan, resolvePlan(plan, library), []);
const solver = highsCoverSolver(await loadHighs());
const cuts = lastOf(planCuts(job, solver, { ...usualBudget, isOver: () => false }));
const layouts = cuts.stocks.flatMap((stock) => stock.layouts);
const contours = pieceContours(resolvePlan(plan, library));
const templateOf = (layout: CutLayout): Template => ({ layout, contours, unit: 'in' });
const mm = (ticks: number) => ticks / TICKS_PER_MILLIMETRE;

interface DxfLine {
  readonly shape: boolean;
  readonly vertices: readonly { readonly x: number; readonly y: number }[];
}

function edgesOf({ shape, vertices }: DxfLine): readonly string[] {
  const places = vertices.map(({ x, y }) => `${x.toFixed(4)} ${y.toFixed(4)}`);
  const round = shape ? [...places, places[0] ?? ''] : places;
  return round.slice(1).map((to, at) => [round[at] ?? '', to].sort().join(' '));
}

/** How long the sides of boxes are together, what two share counted once; millimetres. */
function lengthOfUnion(boxes: CutLayout['pieces']): number {
  const spans = new Map<string, [number, number][]>();
  const add = (key: string, from: number, to: number) =>
    spans.set(key, [...(spans.get(key) ?? []), [from, to]]);
  for (const { x, y, w, h } of boxes) {
    for (const at of [x, x + w]) add(`x ${at}`, y, y + h);
    for (const at of [y, y + h]) add(`y ${at}`, x, x + w);
  }
  let sum = 0;
  for (const on of spans.values()) {
    let reached = -Infinity;
    for (const [from, to] of on.sort(([a], [b]) => a - b)) {
      sum += Math.max(0, to - Math.max(from, reached));
      reached = Math.max(reached, to);
    }
  }
  return mm(sum);
}

describe('templates at 1:1', () => {
  it('has sheets to draw', () => {
    expect(layouts.length).toBeGreaterThan(2);
  });

  it.each(layouts.map((layout, index) => [index, layout] as const))(
    'sheet %i as SVG is as large as in life, with each cut and score in its place',
    (_, layout) => {
      const svg = writeSvg(templatePage(templateOf(layout), 'Moss <216> & "co"'));
      expect(svg).toContain(`width="${mm(layout.source.w)}mm" height="${mm(layout.source.h)}mm"`);
      expect(svg).toContain('<title>Moss &lt;216&gt; &amp; &quot;co&quot;</title>');
      // Of the layers of the trimmer, whose lines go from point to point.
      const [, straight = ''] = /(<g id="cut">[^]*?)<g id="(?:leftover|text)">/.exec(svg) ?? [];
      const lines = [...straight.matchAll(/d="M([\d.]+) ([\d.]+)L([\d.]+) ([\d.]+)"/g)];
      const drawn = lines.map(([, ...places]) => places.map(Number));
      const wanted = [...cutsOf(layout), ...scoresOf(layout)];
      expect(drawn).toHaveLength(wanted.length);
      for (const [index, { x1, y1, x2, y2 }] of wanted.entries())
        for (const [at, place] of [x1, y1, x2, y2].entries())
          expect(drawn[index]?.[at]).toBeCloseTo(mm(place), 3);
    },
  );

  it('keeps every word on its sheet', () => {
    let words = 0;
    for (const layout of layouts)
      for (const shape of templatePage(templateOf(layout), '').layers.at(-1)?.shapes ?? []) {
        if (shape.kind !== 'text') throw new Error(shape.kind);
        const { x, y, height, words: text } = shape;
        words++;
        const half = height * 0.3 * text.length;
        expect(Math.min(x - half, y - height / 2)).toBeGreaterThanOrEqual(-1);
        expect(x + half).toBeLessThanOrEqual(layout.source.w + 1);
        expect(y + height / 2).toBeLessThanOrEqual(layout.source.h + 1);
      }
    expect(words).toBeGreaterThan(10);
  });

  // Read back by dxf-parser, a general-purpose reader of the format.
  it.each(layouts.map((layout, index) => [index, layout] as const))(
    'sheet %i as DXF reads back at 1:1 in millimetres, y upward, each kind on its layer',
    (_, layout) => {
      const read = new DxfParser().parseSync(writeDxf(templatePage(templateOf(layout), '')));
      const on = (name: string) => (read?.entities ?? []).filter(({ layer }) => layer === name);
      expect(read?.header['$INSUNITS']).toBe(4);
      expect(on('cut')).toHaveLength(cutsOf(layout).length);
      expect(on('score')).toHaveLength(scoresOf(layout).length);
      // A plotter follows every edge of every piece, and none twice.
      const followed = (on('contour') as unknown as DxfLine[]).flatMap(edgesOf);
      const edges = new Set(followed);
      expect(followed).toHaveLength(edges.size);
      const length = [...edges].reduce((sum, edge) => {
        const [x1, y1, x2, y2] = edge.split(' ').map(Number) as [number, number, number, number];
        return sum + Math.hypot(x2 - x1, y2 - y1);
      }, 0);
      expect(length).toBeCloseTo(lengthOfUnion(layout.pieces), 2);
      const [outline] = on('sheet') as unknown as { vertices: { x: number; y: number }[] }[];
      const far = (axis: 'x' | 'y') =>
        Math.max(...(outline?.vertices ?? []).map((each) => each[axis]));
      expect(far('x')).toBeCloseTo(mm(layout.source.w), 3);
      expect(far('y')).toBeCloseTo(mm(layout.source.h), 3);
      const [first] = cutsOf(layout);
      const [line] = on('cut') as unknown as { vertices: { x: number; y: number }[] }[];
      if (!first) return;
      expect(line?.vertices[0]?.x).toBeCloseTo(mm(first.x1), 3);
      expect(line?.vertices[0]?.y).toBeCloseTo(mm(layout.source.h - first.y1), 3);
    },
  );
});

describe('the cuts as CSV', () => {
  it('has a row for each setting of the fence, exact in millimetres', () => {
    const { data } = Papa.parse<Record<string, string>>(writeSheetCutsCsv(cuts, 'in').trimEnd(), {
      header: true,
    });
    const steps = layouts.flatMap((layout) => layout.steps);
    expect(data).toHaveLength(steps.length);
    for (const [index, { fence }] of steps.entries())
      expect(Number(data[index]?.['fence mm'])).toBe(mm(fence));
  });
});
