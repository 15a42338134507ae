import DxfParser from 'dxf-parser';
import { getDocument, OPS } from 'pdfjs-dist/legacy/build/pdf.mjs';
import { describe, expect, it } from 'vitest';
import { demoCards } from '../../test/support/demoCards';
import { must } from '../../test/support/must';
import { writeDxf } from '../core/drawing/writeDxf';
import { boundsOf } from '../core/outline/outline';
import { postPlan } from '../core/post/postPlan';
import { resolvePlan } from '../core/resolve/resolvePlan';
import { mailerOf, writeMailerPdf } from './writeMailerPdf';

const bought = must(demoCards.find(({ id }) => id === 'bean-poles'));
const stock = bought.plan.base.stock;
const made = (kind: 'envelope' | 'box') => ({
  file: {
    plan: { ...bought.plan, post: { ...bought.plan.post, envelope: { by: 'made', kind, stock } } },
  } as const,
  library: bought.library,
});
const blankOf = (kind: 'envelope' | 'box') => {
  const { file, library } = made(kind);
  const { chosen } = postPlan(file.plan, resolvePlan(file.plan, library), library, []).envelopes;
  return must(chosen?.envelope.made);
};

describe('the template of what is made for a card', () => {
  it('is cut and folded in the DXF as it is reckoned, by a reader that knows nothing of the writer', () => {
    const read = must(new DxfParser().parseSync(writeDxf(mailerOf(made('box')))) ?? undefined);
    const onLayer = (name: string) =>
      read.entities.filter(({ layer }) => layer === name) as unknown as {
        vertices: { x: number; y: number }[];
      }[];
    const blank = blankOf('box');
    const [cut] = onLayer('cut');
    const { x0, x1, y0, y1 } = boundsOf([must(cut).vertices]);
    expect(x1 - x0).toBeCloseTo(blank.size.width / 16_000, 3);
    expect(y1 - y0).toBeCloseTo(blank.size.height / 16_000, 3);
    const lengths = (lines: readonly (readonly { x: number; y: number }[])[], scale: number) =>
      lines
        .map(([from, to]) =>
          (Math.hypot(must(to).x - must(from).x, must(to).y - must(from).y) / scale).toFixed(2),
        )
        .toSorted();
    expect(
      lengths(
        onLayer('scores').map(({ vertices }) => vertices),
        1,
      ),
    ).toEqual(lengths(blank.scores, 16_000));
  });

  it('is in the PDF on a letter sheet at 1:1, by another reader', async () => {
    const bytes = await writeMailerPdf(made('envelope'), 'letter');
    const document = await getDocument({ data: bytes, useSystemFonts: true }).promise;
    const first = await document.getPage(1);
    expect(first.view.slice(2)).toEqual([612, 792]);
    const { fnArray, argsArray } = await first.getOperatorList();
    const boxes = fnArray.flatMap((operator, index) => {
      const args = argsArray[index] as readonly unknown[];
      if (operator !== OPS.constructPath) return [];
      const [x0 = 0, y0 = 0, x1 = 0, y1 = 0] = Array.from(args[2] as ArrayLike<number>);
      return [[Math.abs(x1 - x0), Math.abs(y1 - y0)] as const];
    });
    const { size } = blankOf('envelope');
    const wanted = [(size.width / 406_400) * 72, (size.height / 406_400) * 72] as const;
    expect(
      boxes.some(
        ([wide, high]) => Math.abs(wide - wanted[0]) < 0.1 && Math.abs(high - wanted[1]) < 0.1,
      ),
    ).toBe(true);
    // The line of an inch by which a print is checked.
    expect(boxes.some(([wide, high]) => Math.abs(wide - 72) < 0.01 && high < 0.01)).toBe(true);
  });

  it('is refused with what to do where the envelope is bought, or the sheet is too small', async () => {
    const input = { file: { plan: bought.plan }, library: bought.library };
    expect(() => mailerOf(input)).toThrow('bought');
    const large = made('box');
    const wide = {
      ...large,
      file: {
        plan: {
          ...large.file.plan,
          base: {
            ...large.file.plan.base,
            format: {
              kind: 'custom',
              size: { width: { ticks: 4_000_000 }, height: { ticks: 3_000_000 } },
            },
          },
        },
      },
    } as unknown as typeof large;
    await expect(writeMailerPdf(wide, 'a4')).rejects.toThrow('larger than an A4 sheet');
  });
});
