import { describe, expect, it } from 'vitest';
import { chalk, library, planOf, stampedOn, ticksOf, wren } from '../../../test/support/plans';
import { inches } from '../length/length';
import { outlineOf } from '../resolve/outlineOf';
import type { LibraryId, PieceId } from '../plan/ids';
import type { Library } from '../plan/library';
import { resolvePlan } from '../resolve/resolvePlan';
import { cutOutImage } from './cutOutImage';
import { at, panel, done, stamp } from '../../../test/support/shapes';

describe('an image that is cut out', () => {
  const plan = planOf([panel, stampedOn('panel', 'bird', wren, { ...at('1', '2'), turn: 15 })]);
  const cutOut = (items: Library) => {
    const card = resolvePlan(plan, items);
    const [image] = card.marks;
    if (!image) throw new Error('expected an image');
    const how = { library: items, id: 'cut' as PieceId, stock: chalk, unit: 'in' } as const;
    return resolvePlan(done(plan, cutOutImage(plan, card, { ...image, stamp }, how)), items);
  };

  it('lies on paper a sixteenth larger all round, where and as it was turned', () => {
    const card = cutOut(library);
    const [, paper] = card.pieces;
    expect(paper).toMatchObject({
      support: 'panel',
      piece: { place: { turn: 15 }, attach: 'foam' },
    });
    expect(paper?.rect).toMatchObject({ width: inches(2, 1, 8), height: inches(1, 1, 8) });
    const [image] = card.marks;
    expect(image?.rect).toMatchObject({ x: ticksOf('1 1/8'), width: inches(2) });
    expect(image?.support).toBe('cut');
    // Its line is that of the print: a triangle.
    expect(paper && outlineOf(paper)[0]).toHaveLength(3);
  });

  it('is one thing with its paper from the start', () => {
    const card = cutOut(library);
    expect([card.pieces[1]?.piece.group, card.marks[0]?.piece.group]).toEqual([
      'Garden wren',
      'Garden wren',
    ]);
  });

  it('is cut with its own die where the stash has one', () => {
    const items: Library = library.map((item) =>
      item.kind === 'die-set' ? { ...item, goesWith: [wren.id as LibraryId] } : item,
    );
    expect(cutOut(items).pieces[1]?.piece.size).toMatchObject({ by: 'die', step: 0 });
  });
});
