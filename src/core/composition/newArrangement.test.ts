import { describe, expect, it } from 'vitest';
import { library, planOf, wordsOn } from '../../../test/support/plans';
import { inches } from '../length/length';
import { resolvePlan } from '../resolve/resolvePlan';
import { newArrangement, repeatLine, type Ground } from './newArrangement';
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
    const marks = newArrangement(ground(), 'hanging', [{ stamp, count: 3 }], how);
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
});
