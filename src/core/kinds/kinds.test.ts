import { describe, expect, it } from 'vitest';
import { demoCards } from '../../../test/support/demoCards';
import { boundsOf } from '../outline/outline';
import type { LibraryRef } from '../plan/libraryItem';
import { resolvePlan } from '../resolve/resolvePlan';
import { itemsOf, kindOf, mapItems } from './kinds';

describe('the kinds of pieces', () => {
  it('tell every item they refer to, and take others in their place', () => {
    const seen = new Set<string>();
    const newer = ({ id, version }: LibraryRef) => ({ id, version: version + 1 });
    for (const { plan } of demoCards)
      for (const piece of plan.pieces) {
        expect(mapItems(piece, (ref) => ref)).toEqual(piece);
        expect(itemsOf(mapItems(piece, newer))).toEqual(itemsOf(piece).map(newer));
        // No reference is left that was not told.
        const left = JSON.stringify(mapItems(piece, newer)).match(/"version":1\b/g) ?? [];
        expect(left).toEqual([]);
        seen.add(piece.kind);
      }
    const kinds = [
      'blend',
      'dot',
      'drawn',
      'edges',
      'image',
      'panel',
      'ribbon',
      'splatter',
      'stencil',
      'words',
    ];
    expect([...seen].toSorted()).toEqual(kinds);
  });

  it('keep to their boxes, and are drawn in the colours they tell', () => {
    let looked = 0;
    for (const { plan, library } of demoCards)
      for (const mark of resolvePlan(plan, library).marks) {
        const kind = kindOf(mark.piece);
        const { x0, y0, x1, y1 } = boundsOf(kind.outline(mark));
        const { x, y, width, height } = mark.rect;
        // Lines of words are taken as high as letters can be, and a bow spreads beyond its ribbon.
        const bow = mark.piece.kind === 'ribbon' ? mark.piece.bow : null;
        const slack = bow ? bow.across.ticks + bow.tail.ticks : mark.words ? mark.words.em : 1;
        expect(x0).toBeGreaterThanOrEqual(x - slack);
        expect(y0).toBeGreaterThanOrEqual(y - slack);
        expect(x1).toBeLessThanOrEqual(x + width + slack);
        expect(y1).toBeLessThanOrEqual(y + height + slack);
        const colours = new Set(mark.paints.flatMap((paint) => paint?.colour ?? []));
        const strokes = kind.strokes(mark);
        expect(strokes.length).toBeGreaterThan(0);
        for (const stroke of strokes) expect(colours).toContain(stroke.paint.colour);
        expect(kind.sortOf(mark)).not.toBe('');
        looked++;
      }
    expect(looked).toBeGreaterThan(100);
  });
});
