import { XMLParser } from 'fast-xml-parser';
import { describe, expect, it } from 'vitest';
import {
  dotOn,
  library,
  measure,
  pieceOn,
  planOf,
  stampedOn,
  ticksOf,
  typed,
  wordsOn,
  wren,
  layersIn,
} from '../../../test/support/plans';
import { boundsOf } from '../outline/outline';
import { TICKS_PER_MILLIMETRE } from '../length/length';
import { resolvePlan } from '../resolve/resolvePlan';
import { jigOpenings, jigPage } from './jigPage';
import { writeSvg } from '../drawing/writeSvg';

const plan = planOf([
  pieceOn('front', 'panel', measure('4', '5')),
  stampedOn('panel', 'bird', wren, { x: { from: 'left', distance: typed('1/2') }, turn: 30 }),
  wordsOn('panel', 'words', ['hello'], { y: { from: 'bottom', distance: typed('1/2') } }),
  dotOn('panel', 'gem', { y: { from: 'top', distance: typed('1/4') } }),
]);
const card = resolvePlan(plan, library);

interface Group {
  readonly id: string;
  readonly path: { readonly d: string } | { readonly d: string }[];
}

describe('a jig', () => {
  it('opens where images, words and dots go, not where panels lie', () => {
    expect(jigOpenings(card, 'front').map(({ id }) => id)).toEqual(['bird', 'words', 'gem']);
    expect(jigOpenings(card, 'back')).toEqual([]);
  });

  it('is 1:1 in millimetres: its own numbers give the card and the words back', () => {
    const text = writeSvg(jigPage(card, 'front', 'Bean poles & more'));
    // Read as plain XML and the numbers by themselves, without anything of the writer.
    const parser = new XMLParser({ ignoreAttributes: false, attributeNamePrefix: '' });
    const { svg } = parser.parse(text) as {
      svg: { width: string; viewBox: string; title: string; g: Group[] };
    };
    expect(svg.title).toBe('Bean poles & more');
    expect(`0 0 ${Number.parseFloat(svg.width)}`).toBe(
      svg.viewBox.split(' ').slice(0, 3).join(' '),
    );
    const boxOf = (d: string) => {
      const numbers = d.match(/-?[\d.]+/g)?.map(Number) ?? [];
      const xs = numbers.filter((_, index) => index % 2 === 0);
      const ys = numbers.filter((_, index) => index % 2 === 1);
      return [Math.min(...xs), Math.min(...ys), Math.max(...xs), Math.max(...ys)];
    };
    const boxes = (name: string) =>
      [svg.g.find(({ id }) => id === name)?.path ?? []].flat().map(({ d }) => boxOf(d));
    // An A2 is 4 1/4 x 5 1/2 in.
    expect(boxes('card')).toEqual([[0, 0, 107.95, 139.7]]);
    const words = card.marks.find(({ id }) => id === 'words')?.rect;
    if (!words) throw new Error('no words');
    const expected = [words.x, words.y, words.x + words.width, words.y + words.height];
    boxes('opening')[1]?.forEach((figure, index) =>
      expect(figure).toBeCloseTo((expected[index] ?? NaN) / TICKS_PER_MILLIMETRE, 3),
    );
    const [rule] = boxes('rule');
    expect((rule?.[2] ?? 0) - (rule?.[0] ?? 0)).toBe(50);
  });

  it('opens as far as a stamp draws lines, be they outside its silhouette', () => {
    // A body a fifth as wide as the poles that stand out of it.
    const wigwam = library.map((item) =>
      item.kind === 'stamp'
        ? {
            ...item,
            shape: { box: item.shape.box, outline: 'M80 0H120V100H80Z' },
            layers: [
              { name: 'poles', path: 'M2 100L100 2L198 100', lineWidth: 4, colour: '#1e2428' },
            ],
          }
        : item,
    );
    const poles = planOf([
      pieceOn('front', 'panel', measure('4', '5')),
      { ...stampedOn('panel', 'poles', wren), layers: layersIn('#1e2428') },
    ]);
    const opening = jigPage(resolvePlan(poles, wigwam), 'front', 'Poles').layers.find(
      ({ id }) => id === 'opening',
    );
    const outline = (opening?.shapes ?? []).flatMap((each) =>
      each.kind === 'outline' ? each.outline : [],
    );
    const { x0, x1 } = boundsOf(outline);
    expect(x1 - x0).toBeGreaterThan(ticksOf('1 15/16'));
    expect(x1 - x0).toBeLessThanOrEqual(ticksOf('2'));
  });

  it('writes names where they do not lie on one another', () => {
    const heap = planOf([
      pieceOn('front', 'panel', measure('4', '5')),
      ...['first', 'second', 'third', 'fourth'].map((name) => stampedOn('panel', name, wren)),
    ]);
    const text = jigPage(resolvePlan(heap, library), 'front', 'Heap').layers.find(
      ({ id }) => id === 'text',
    );
    const names = (text?.shapes ?? []).flatMap((each) => (each.kind === 'text' ? [each] : []));
    const lines = names
      .slice(0, 4)
      .map(({ y }) => y)
      .toSorted((a, b) => a - b);
    for (const [at, y] of lines.slice(1).entries())
      expect(y - (lines[at] ?? 0)).toBeGreaterThanOrEqual(names[0]?.height ?? NaN);
  });
});
