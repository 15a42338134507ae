import DxfParser from 'dxf-parser';
import { XMLParser } from 'fast-xml-parser';
import { getDocument, OPS } from 'pdfjs-dist/legacy/build/pdf.mjs';
import { describe, expect, it } from 'vitest';
import { demoCards } from '../../test/support/demoCards';
import { must } from '../../test/support/must';
import { writeDxf } from '../core/drawing/writeDxf';
import { writeSvg } from '../core/drawing/writeSvg';
import { maskCard } from '../core/masking/maskCard';
import { boundsOf } from '../core/outline/outline';
import { resolvePlan } from '../core/resolve/resolvePlan';
import { looseRoom, masksOf, writeMasksPdf } from './writeMasksPdf';

const { plan, library } = must(demoCards.find(({ id }) => id === 'beans-before-the-shed'));
const { masks } = maskCard(plan, resolvePlan(plan, library));
/** Width and height of what each mask is cut along, in millimetres. */
const sizes = masks.map(({ covers: [{ mask }] }) => {
  const { x0, y0, x1, y1 } = boundsOf(mask.cut);
  return [(x1 - x0) / 16_000, (y1 - y0) / 16_000] as const;
});
const [page] = masksOf(plan, library, looseRoom);

/** Boxes that overlap are one mask, as its islands lie apart: the widths and heights of all that is cut. */
const extent = (points: readonly (readonly [number, number])[]) => {
  const [xs, ys] = [points.map(([x]) => x), points.map(([, y]) => y)];
  return [Math.max(...xs) - Math.min(...xs), Math.max(...ys) - Math.min(...ys)] as const;
};

describe('the masks of the bean row card', () => {
  it('are at 1:1 in the SVG, by its own numbers', () => {
    const parser = new XMLParser({ ignoreAttributes: false, attributeNamePrefix: '' });
    const { svg } = parser.parse(writeSvg(must(page))) as {
      svg: {
        width: string;
        viewBox: string;
        g: { id: string; path?: unknown }[];
      };
    };
    expect(`0 0 ${Number.parseFloat(svg.width)}`).toBe(
      svg.viewBox.split(' ').slice(0, 3).join(' '),
    );
    const cut = must(svg.g.find(({ id }) => id === 'cut'));
    const paths = [cut.path ?? []].flat() as { d: string }[];
    const lines = paths.map(({ d }) => {
      const numbers = d.match(/-?[\d.]+/g)?.map(Number) ?? [];
      return numbers.flatMap((x, at): [number, number][] =>
        at % 2 === 0 ? [[x, numbers[at + 1] ?? NaN]] : [],
      );
    });
    // The bean row is 35 leaves, the corner of the shed one piece; nested apart, the tallest first.
    expect(lines).toHaveLength(
      masks.reduce((sum, { covers: [{ mask }] }) => sum + mask.cut.length, 0),
    );
    const [beans, shed] = [lines.slice(0, -1), lines.slice(-1)].map((part) => extent(part.flat()));
    const found = [beans, shed].map((size) => size?.map((side) => Math.round(side * 10) / 10));
    const wanted = sizes.map((size) => size.map((side) => Math.round(side * 10) / 10));
    expect(found.toSorted()).toEqual(wanted.toSorted());
    const check = must(svg.g.find(({ id }) => id === 'check'));
    const ruled = ([check.path ?? []].flat() as { d: string }[]).map(({ d }) => {
      const [x0 = 0, y0 = 0, x1 = 0, y1 = 0] = d.match(/-?[\d.]+/g)?.map(Number) ?? [];
      return Math.hypot(x1 - x0, y1 - y0);
    });
    expect(ruled.some((length) => Math.abs(length - 25.4) < 0.001)).toBe(true);
    expect(ruled.some((length) => Math.abs(length - 25) < 0.001)).toBe(true);
  });

  it('are in the DXF the same, by a reader that knows nothing of the writer', () => {
    const read = must(new DxfParser().parseSync(writeDxf(must(page))) ?? undefined);
    const cut = read.entities.filter(({ layer }) => layer === 'cut') as unknown as {
      vertices: { x: number; y: number }[];
    }[];
    expect(cut).toHaveLength(
      masks.reduce((sum, { covers: [{ mask }] }) => sum + mask.cut.length, 0),
    );
    const heights = cut.map(({ vertices }) => extent(vertices.map(({ x, y }) => [x, y]))[1]);
    const leaves = masks.flatMap(({ covers: [{ mask }] }) =>
      mask.cut.map((line) => {
        const { y0, y1 } = boundsOf([line]);
        return (y1 - y0) / 16_000;
      }),
    );
    const rounded = (all: readonly number[]) => all.map((each) => each.toFixed(2)).toSorted();
    expect(rounded(heights)).toEqual(rounded(leaves));
  });

  it.each([
    ['letter', 612, 792],
    ['a4', 595.28, 841.89],
  ] as const)('are in the PDF on %s at 1:1, by another reader', async (name, width, height) => {
    const bytes = await writeMasksPdf(plan, library, name);
    const document = await getDocument({ data: bytes, useSystemFonts: true }).promise;
    expect(document.numPages).toBe(1);
    const first = await document.getPage(1);
    expect(first.view[2]).toBeCloseTo(width, 1);
    expect(first.view[3]).toBeCloseTo(height, 1);
    const { fnArray, argsArray } = await first.getOperatorList();
    const boxes = fnArray.flatMap((operator, index) => {
      const args = argsArray[index] as readonly unknown[];
      if (operator !== OPS.constructPath) return [];
      const [x0 = 0, y0 = 0, x1 = 0, y1 = 0] = Array.from(args[2] as ArrayLike<number>);
      return [[Math.abs(x1 - x0), Math.abs(y1 - y0)] as const];
    });
    // The printed line of the bean row is drawn first of all: 4 3/8 in of leaves and poles, as on the card.
    const print = must(masks[0]).covers[0].print.body;
    const { x0, y0, x1, y1 } = boundsOf(print);
    const wanted = [((x1 - x0) / 406_400) * 72, ((y1 - y0) / 406_400) * 72];
    const isThere = boxes.some(
      ([wide, high]) =>
        Math.abs(wide - (wanted[0] ?? 0)) < 0.1 && Math.abs(high - (wanted[1] ?? 0)) < 0.1,
    );
    expect(isThere).toBe(true);
    const inch = boxes.some(([wide]) => Math.abs(wide - 72) < 0.01);
    const metric = boxes.some(([wide]) => Math.abs(wide - (25 / 25.4) * 72) < 0.01);
    expect([inch, metric]).toEqual([true, true]);
  });

  it('are there as often as they wear out over the batch', () => {
    const many = { ...plan, making: { ...plan.making, copies: 50 } };
    const letters = masksOf(many, library, looseRoom)
      .flatMap(({ layers }) => layers.find(({ id }) => id === 'text')?.shapes ?? [])
      .flatMap((shape) => (shape.kind === 'text' ? [shape.words] : []));
    // Fifteen times each: fifty cards take four of each mask.
    expect(letters.filter((words) => words === 'A Bean row')).toHaveLength(4);
    expect(letters.filter((words) => words === 'B Potting shed')).toHaveLength(4);
  });
});
