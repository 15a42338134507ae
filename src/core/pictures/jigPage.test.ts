import { XMLParser } from 'fast-xml-parser';
import { describe, expect, it } from 'vitest';
import {
  dotOn,
  library,
  measure,
  pieceOn,
  planOf,
  stampedOn,
  typed,
  wordsOn,
  wren,
} from '../../../test/support/plans';
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
});
