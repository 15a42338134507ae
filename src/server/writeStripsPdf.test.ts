import DxfParser from 'dxf-parser';
import { XMLParser } from 'fast-xml-parser';
import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs';
import { describe, expect, it } from 'vitest';
import { demoCards } from '../../test/support/demoCards';
import { must } from '../../test/support/must';
import { writeDxf } from '../core/drawing/writeDxf';
import { writeSvg } from '../core/drawing/writeSvg';
import { resolvePlan } from '../core/resolve/resolvePlan';
import { stripPages, writeStripsPdf } from './writeStripsPdf';

const { plan, library } = must(demoCards.find(({ id }) => id === 'hillside-beds'));
const [page] = stripPages(plan, library);
const { strips, lines } = must(resolvePlan(plan, library).scenes[0]);

/** Every pair of points that a strip's own outline joins, each way the same, where it is not the rim of the panel. */
const shared = () => {
  const seen = new Map<string, number>();
  for (const { outline } of strips)
    for (const ring of outline)
      ring.forEach((point, at) => {
        const next = ring[(at + 1) % ring.length] ?? point;
        const key = [point, next].map(({ x, y }) => `${x},${y}`).sort();
        seen.set(key.join(' '), (seen.get(key.join(' ')) ?? 0) + 1);
      });
  return seen;
};

describe('the strips of the hillside', () => {
  it('share every edge between two of them to the tick', () => {
    const counts = [...shared().values()];
    expect(Math.max(...counts)).toBe(2);
    // The four lines and the rim of the sun are all there twice.
    const chords = lines.reduce((sum, { line }) => sum + line.length - 1, 0);
    expect(counts.filter((count) => count === 2).length).toBeGreaterThan(chords);
  });

  it('are at 1:1 in the SVG by its own numbers, with the panel and their numbers', () => {
    const parser = new XMLParser({ ignoreAttributes: false, attributeNamePrefix: '' });
    const { svg } = parser.parse(writeSvg(page)) as {
      svg: { width: string; viewBox: string; g: { id: string; path?: unknown; text?: unknown }[] };
    };
    expect(Number.parseFloat(svg.width)).toBe(140);
    const layer = (id: string) => must(svg.g.find((each) => each.id === id));
    const paths = (id: string) => [layer(id).path ?? []].flat() as { d: string }[];
    const [panel] = paths('paper');
    const numbers = panel?.d.match(/-?[\d.]+/g)?.map(Number) ?? [];
    expect([Math.min(...numbers), Math.max(...numbers)]).toEqual([0, 140]);
    const words = JSON.stringify(layer('text'));
    for (const mark of [1, 2, 3, 4, 5, 'disc'])
      expect(words).toContain(`"#text":${JSON.stringify(mark)}`);
    expect(paths('print')).toHaveLength(1);
  });

  it('are cut once between two of them in the DXF, by a reader that knows nothing of the writer', () => {
    const read = must(new DxfParser().parseSync(writeDxf(page)) ?? undefined);
    const cut = read.entities.filter(({ layer }) => layer === 'cut') as unknown as {
      vertices: { x: number; y: number }[];
      shape?: boolean;
    }[];
    const length = cut.reduce(
      (sum, { vertices, shape }) =>
        sum +
        vertices.reduce((own, { x, y }, at) => {
          const next = vertices[at + 1] ?? (shape ? vertices[0] : undefined);
          return next ? own + Math.hypot(next.x - x, next.y - y) : own;
        }, 0),
      0,
    );
    const once = [...shared().keys()].reduce((sum, key) => {
      const [[x0 = 0, y0 = 0], [x1 = 0, y1 = 0]] = key
        .split(' ')
        .map((point) => point.split(',').map(Number)) as [number[], number[]];
      return sum + Math.hypot(x1 - x0, y1 - y0) / 16_000;
    }, 0);
    expect(length).toBeCloseTo(once, 0);
  });

  it('stand on one sheet of the PDF, and say so where there are none', async () => {
    const document = await getDocument({
      data: await writeStripsPdf(plan, library, 'a4'),
      useSystemFonts: true,
    }).promise;
    expect(document.numPages).toBe(1);
    const bare = { ...plan, scenes: [] };
    await expect(writeStripsPdf(bare, library, 'a4')).rejects.toThrow(
      'Nothing on this card is divided into strips',
    );
    expect(() => stripPages(plan, library, 'another')).toThrow('divided into strips');
  });
});
