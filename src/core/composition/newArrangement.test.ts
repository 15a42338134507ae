import { describe, expect, it } from 'vitest';
import { library, measure, planOf, wordsOn } from '../../../test/support/plans';
import { inches } from '../length/length';
import { resolvePlan } from '../resolve/resolvePlan';
import { supportRect } from '../resolve/resolvedCard';
import { asTyped } from '../length/typedLength';
import { boundsOf, type Rect } from '../outline/outline';
import { layWreath } from './layWreath';
import {
  arrangementKinds,
  freeMiddle,
  newArrangement,
  repeatLine,
  type Ground,
} from './newArrangement';
import { usualCounts } from './usualCounts';
import { withPieces } from '../plan/withPieces';
import { at, panel, newIds, stamp } from '../../../test/support/shapes';

describe('arrangements', () => {
  const plan = planOf([panel, wordsOn('panel', 'words', ['hello there'], at('1', '2'))]);
  const card = resolvePlan(plan, library);
  const ground = (): Ground => ({
    card,
    support: panel.id,
    on: { piece: panel.id },
    newId: newIds(),
    group: 'hanging',
  });
  const middle = { x: inches(1), y: inches(2), width: inches(2), height: inches(1) };
  const how = { around: middle, clearance: inches(0, 1, 8), seed: 1 };

  it('what hangs has a string to the top edge for each, beneath the prints', () => {
    const marks = newArrangement(ground(), 'hanging', [{ stamps: [stamp], count: 3 }], how);
    const next = resolvePlan(withPieces(plan, [...plan.pieces, ...marks]), library);
    const strings = next.marks.filter(({ piece }) => piece.kind === 'drawn');
    const prints = next.marks.filter(({ piece }) => piece.kind === 'image');
    expect([strings.length, prints.length]).toEqual([3, 3]);
    for (const [index, { reveals, rect }] of strings.entries()) {
      expect(reveals.top).toBe(0);
      expect(Math.abs(rect.y + rect.height - (prints[index]?.rect.y ?? 0))).toBeLessThanOrEqual(1);
    }
  });

  it('a line of words is repeated up and down at an even pitch, as far as the paper goes', () => {
    const [line] = card.marks;
    if (!line) throw new Error('expected words');
    const lines = repeatLine(ground(), line, inches(0, 1, 2));
    const next = resolvePlan(withPieces(plan, [...plan.pieces, ...lines]), library);
    const tops = next.marks.map(({ rect }) => rect.y).toSorted((a, b) => a - b);
    expect(tops.length).toBeGreaterThan(6);
    const gaps = tops.slice(1).map((top, index) => top - (tops[index] ?? 0));
    expect(new Set(gaps)).toEqual(new Set([inches(0, 1, 2)]));
    for (const { reveals } of next.marks)
      expect(Math.min(reveals.top, reveals.bottom)).toBeGreaterThanOrEqual(0);
  });

  describe.each(arrangementKinds)('as %s', (kind) => {
    // An upright panel, a wide one, and one hardly larger than the stamps.
    const panels = [measure('4', '5 1/4'), measure('8', '3'), measure('2 1/4', '2 1/4')];

    it('begins with counts that fit, and keeps every piece on the panel', () => {
      for (const size of panels) {
        const plain = planOf([{ ...panel, size }], {
          format: { kind: 'named', id: 'slimline', stand: 'lying' },
        });
        const on = resolvePlan(plain, library);
        const area = supportRect(on, panel.id);
        const around = freeMiddle(area);
        const clearance = inches(0, 1, 8);
        const small = { ...stamp, width: asTyped(inches(1)), height: asTyped(inches(0, 1, 2)) };
        const sizes = [small, small, small].map(({ width, height }) => ({
          width: width.ticks,
          height: height.ticks,
        }));
        const [count = 0] = usualCounts(kind, { sizes, area, around, clearance });
        expect(count).toBeGreaterThan(0);
        const tiers = [{ stamps: [small], count }];
        const marks = newArrangement({ ...ground(), card: on }, kind, tiers, {
          around,
          clearance,
          seed: 2,
        });
        const items = library.map((item) => (item.id === small.id ? small : item));
        const next = resolvePlan(withPieces(plain, [...plain.pieces, ...marks]), items);
        for (const { reveals } of next.marks)
          expect(Math.min(...Object.values(reveals))).toBeGreaterThanOrEqual(-2);
      }
    });
  });

  it('a wreath stands upright on an upright panel, though the words in it lie', () => {
    const words = { x: inches(1), y: inches(2, 1, 2), width: inches(2), height: inches(0, 1, 4) };
    const ring = (area: Rect) => {
      const tiers = [Array.from({ length: 8 }, () => ({ key: 'a', width: 9, height: 9 }))];
      const laid = layWreath({ around: words, area, path: 'oval', clearance: 0, tiers, seed: 1 });
      const { x0, y0, x1, y1 } = boundsOf([laid.map(({ middle }) => middle)]);
      return { width: x1 - x0, height: y1 - y0 };
    };
    const upright = ring({
      ...words,
      x: inches(0),
      y: inches(0),
      width: inches(4),
      height: inches(5, 1, 4),
    });
    expect(upright.height).toBeGreaterThan(upright.width);
    const lying = ring({
      ...words,
      x: inches(-1),
      y: inches(1),
      width: inches(6),
      height: inches(3, 1, 4),
    });
    expect(lying.width).toBeGreaterThan(lying.height);
  });
});
