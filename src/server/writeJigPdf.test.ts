import { getDocument, OPS } from 'pdfjs-dist/legacy/build/pdf.mjs';
import { describe, expect, it } from 'vitest';
import { library, measure, pieceOn, planOf, stampedOn, wren } from '../../test/support/plans';
import { resolvePlan } from '../core/resolve/resolvePlan';
import { writeJigPdf, type JigPage } from './writeJigPdf';

const cardOf = (format?: Parameters<typeof planOf>[1]) =>
  resolvePlan(
    planOf(
      [pieceOn('front', 'panel', measure('3', '3')), stampedOn('panel', 'bird', wren)],
      format,
    ),
    library,
  );

/** The page and the boxes of the paths on it, as another reader of PDF sees them: in points. */
async function readBack(page: JigPage) {
  const bytes = await writeJigPdf(cardOf(), 'front', page, 'Jig');
  const document = await getDocument({ data: bytes, useSystemFonts: true }).promise;
  const first = await document.getPage(1);
  const { fnArray, argsArray } = await first.getOperatorList();
  const boxes = fnArray.flatMap((operator, index) => {
    const args = argsArray[index] as readonly unknown[];
    if (operator !== OPS.constructPath) return [];
    const bounds = args[2] as ArrayLike<number>;
    return [Array.from(bounds)];
  });
  return { view: first.view, boxes, pages: document.numPages };
}

describe('the jig as PDF', () => {
  it.each([
    ['letter', 612, 792],
    ['a4', 595.28, 841.89],
  ] as const)('is 1:1 on %s, by another reader', async (page, width, height) => {
    const { view, boxes, pages } = await readBack(page);
    expect(pages).toBe(1);
    expect(view[2]).toBeCloseTo(width, 1);
    expect(view[3]).toBeCloseTo(height, 1);
    const sizes = boxes.map(([x0 = 0, y0 = 0, x1 = 0, y1 = 0]) => [x1 - x0, Math.abs(y1 - y0)]);
    // The card is 4 1/4 x 5 1/2 in, the panel 3 x 3, the wren 2 x 1 with a line round it that is 3/200 as wide, the rule
    // 50 mm.
    const line = (3 / 200) * 2 * 72;
    const inPoints = [
      [4.25 * 72, 5.5 * 72],
      [3 * 72, 3 * 72],
      [2 * 72 + line, 72 + line],
    ];
    inPoints.forEach((expected, index) => {
      expect(sizes[index]?.[0]).toBeCloseTo(expected[0] ?? NaN, 1);
      expect(sizes[index]?.[1]).toBeCloseTo(expected[1] ?? NaN, 1);
    });
    expect(sizes[3]?.[0]).toBeCloseTo((50 / 25.4) * 72, 1);
  });

  it('turns the page for a wide card, and refuses one that fits neither way', async () => {
    const slim = cardOf({ format: { kind: 'named', id: 'slimline', stand: 'lying' } });
    expect((await writeJigPdf(slim, 'front', 'letter', 'Jig')).byteLength).toBeGreaterThan(500);
    const custom = {
      kind: 'custom',
      size: { width: { ticks: 406_400 * 20 }, height: { ticks: 406_400 * 20 } },
    } as never;
    await expect(writeJigPdf(cardOf({ format: custom }), 'front', 'a4', 'Jig')).rejects.toThrow(
      'larger than',
    );
  });
});
