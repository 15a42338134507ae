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
} from '../../../test/support/plans';
import { inches, lengthFromTicks, type Length } from '../length/length';
import type { PieceId } from '../plan/ids';
import { resolvePlan } from '../resolve/resolvePlan';
import type { Rect } from '../outline/outline';
import { placeAt } from '../measuring/placeAt';
import { clearances, rulerFigures } from '../measuring/rulerFigures';
import { rulerWords, writeMeasured } from '../measuring/rulerWords';
import { nudgePlace, snapMove, type SnapInput } from './snapMove';

const rect = (x: string, y: string, width: string, height: string): Rect => ({
  x: ticksOf(x),
  y: ticksOf(y),
  width: ticksOf(width),
  height: ticksOf(height),
});
const panel = rect('0', '0', '4', '5');
const snap = (box: Rect, change: Partial<SnapInput> = {}) =>
  snapMove({
    box,
    turn: 0,
    support: panel,
    neighbours: [],
    marks: inches(0, 1, 16),
    reach: inches(0, 1, 16),
    ...change,
  });

describe('a place by the nearer edge', () => {
  it('is measured from the left and top, or from the right and bottom, whichever is nearer', () => {
    const { x, y } = placeAt(rect('1/2', '4 1/4', '1', '1/2'), panel, 0);
    expect(x).toMatchObject({ from: 'left', distance: { ticks: inches(0, 1, 2) } });
    expect(y).toMatchObject({ from: 'bottom', distance: { ticks: inches(0, 1, 4) } });
  });

  it('is negative over an edge', () => {
    const over = { ...rect('0', '1', '1', '1'), x: lengthFromTicks(-inches(0, 1, 8)) };
    expect(placeAt(over, panel, 0).x).toMatchObject({
      from: 'left',
      distance: { ticks: -inches(0, 1, 8) },
    });
  });
});

describe('snapping', () => {
  it('takes the middle, the thirds and the edges as rules, not as figures', () => {
    const near = snap(rect('1 17/32', '1 7/8', '1', '1 1/4'));
    expect([near.place.x, near.place.y]).toEqual([{ from: 'centre' }, { from: 'centre' }]);
    expect(near.guides.map(({ axis, kind }) => `${axis} ${kind}`)).toEqual([
      'x centre',
      'y centre',
    ]);
    const third = snap(rect('27/32', '1/32', '1', '1'));
    expect(third.place.x).toEqual({ from: 'third', which: 1 });
    expect(third.place.y).toMatchObject({ from: 'top', distance: { ticks: 0 } });
  });

  it('puts what is near nothing on a mark', () => {
    const { place, guides } = snap(rect('3/8', '9/32', '1', '1'), { reach: 1000 });
    expect(guides).toEqual([]);
    expect(place.x).toMatchObject({ distance: { ticks: inches(0, 3, 8) } });
    expect(place.y).toMatchObject({ distance: { ticks: inches(0, 5, 16) } });
  });

  it('takes the edges of neighbours, and a gap as wide as the one between them', () => {
    const neighbours = [
      { id: 'a' as PieceId, rect: rect('1/4', '1', '1/2', '1/2') },
      { id: 'b' as PieceId, rect: rect('7/8', '1', '1/2', '1/2') },
    ];
    const { box, guides } = snap(rect('1 17/32', '31/32', '1/2', '1/2'), { neighbours });
    expect(box.x).toBe(inches(1, 1, 2));
    expect(box.y).toBe(inches(1));
    expect(guides.map(({ kind }) => kind)).toEqual(['gap', 'neighbour']);
  });

  it('does nothing beyond its reach', () => {
    const { guides } = snap(rect('1 5/8', '1 7/8', '1', '1'), { reach: 10 });
    expect(guides).toEqual([]);
  });
});

describe('a step by a mark', () => {
  const step = inches(0, 1, 16);
  const box = rect('1', '1', '1', '1');

  it('goes from mark to mark, toward the edge it is measured from or away', () => {
    const left = placeAt(box, panel, 0);
    expect(nudgePlace(left, box, panel, step, 0).x).toMatchObject({
      from: 'left',
      distance: { ticks: inches(1, 1, 16) },
    });
    const off = { ...left, x: { from: 'left' as const, distance: typed('1 1/64') } };
    expect(nudgePlace(off, box, panel, step, 0).x).toMatchObject({
      distance: { ticks: inches(1, 1, 16) },
    });
    expect(nudgePlace(off, box, panel, -step, 0).x).toMatchObject({
      distance: { ticks: inches(1) },
    });
    const right = { ...left, x: { from: 'right' as const, distance: typed('2') } };
    expect(nudgePlace(right, box, panel, step, 0).x).toMatchObject({
      from: 'right',
      distance: { ticks: inches(1, 15, 16) },
    });
  });

  it('leaves the other way as it was, and what was centred is measured then', () => {
    const centred = { x: { from: 'centre' }, y: { from: 'centre' }, turn: 0 } as const;
    const next = nudgePlace(centred, rect('1 1/2', '2', '1', '1'), panel, 0, -step);
    expect(next.x).toEqual({ from: 'centre' });
    expect(next.y).toMatchObject({ from: 'top', distance: { ticks: inches(1, 15, 16) } });
  });

  it('changes the gap to a neighbour', () => {
    const place = {
      ...placeAt(box, panel, 0),
      x: { from: 'piece', piece: 'a' as PieceId, side: 'left', gap: typed('1/4') },
    } as const;
    expect(nudgePlace(place, box, panel, step, 0).x).toMatchObject({
      gap: { ticks: inches(0, 3, 16) },
    });
  });
});

describe('what a ruler is laid to', () => {
  const bird = {
    x: { from: 'left', distance: typed('1/2') },
    y: { from: 'top', distance: typed('3/4') },
  } as const;
  const plan = planOf([
    pieceOn('front', 'panel', measure('4', '5')),
    stampedOn('panel', 'bird', wren, bird),
    wordsOn('panel', 'words', ['hello'], { y: { from: 'bottom', distance: typed('1/2') } }),
    dotOn('panel', 'gem', {
      x: { from: 'left', distance: typed('1/8') },
      y: { from: 'top', distance: typed('1') },
    }),
  ]);
  const card = resolvePlan(plan, library);
  const mark = (id: string) => {
    const found = card.marks.find((each) => each.id === id);
    if (!found) throw new Error(`no ${id}`);
    return found;
  };

  it('are the nearest edges of the panel, where nothing lies between', () => {
    const { x, y } = rulerFigures(card, mark('bird'));
    expect([y.side, y.distance]).toEqual(['top', inches(0, 3, 4)]);
    // A gem lies between the bird and the left edge, so the ruler goes to the right one.
    expect([x.side, x.distance]).toEqual(['right', inches(1, 1, 2)]);
    const free = resolvePlan({ ...plan, pieces: plan.pieces.slice(0, 2) }, library);
    const [alone] = free.marks;
    if (!alone) throw new Error('no bird');
    expect(rulerFigures(free, alone).x).toMatchObject({ side: 'left', distance: inches(0, 1, 2) });
    expect(rulerWords(rulerFigures(free, alone), 'in')).toBe(
      '1⁄2 (12.7 mm) from the left and 3⁄4 (≈\u00a019.1 mm) from the top',
    );
  });

  it('put the piece back where it is: the figures and its size give its place', () => {
    for (const each of card.marks) {
      const { x, y } = rulerFigures(card, each);
      const under = card.pieces[0]?.rect;
      if (!under) throw new Error('no panel');
      const left = x.side === 'left' ? x.distance : under.width - x.distance - each.rect.width;
      const top = y.side === 'top' ? y.distance : under.height - y.distance - each.rect.height;
      expect([under.x + left, under.y + top]).toEqual([each.rect.x, each.rect.y]);
    }
  });

  it('are measured to the turned piece itself', () => {
    const turned = planOf([
      pieceOn('front', 'panel', measure('4', '5')),
      stampedOn('panel', 'bird', wren, { turn: 90 }),
    ]);
    const [piece] = resolvePlan(turned, library).marks;
    if (!piece) throw new Error('no bird');
    const { x, y } = rulerFigures(resolvePlan(turned, library), piece);
    expect([x.distance, y.distance]).toEqual([inches(1, 1, 2), inches(1, 1, 2)]);
    expect(x.isMeasured).toBe(true);
  });

  it('tell the neighbours, the nearest first', () => {
    const [nearest, next] = clearances(card, mark('bird'));
    expect([nearest?.other.id, next?.other.id]).toEqual(['gem', 'words']);
    const gap = nearest?.distance as Length;
    // The roof of the wren's triangle slopes away, so the gap is wider than that of the boxes.
    expect(gap).toBeGreaterThan(inches(0, 1, 4));
  });
});

describe('a measured figure', () => {
  it('carries the about sign once, whether it is rounded or not', () => {
    expect(writeMeasured(inches(0, 1, 2), 'in', false)).toBe('1⁄2');
    expect(writeMeasured(inches(0, 1, 2), 'in', true)).toBe('≈ 1⁄2');
    expect(
      writeMeasured(lengthFromTicks(inches(0, 1, 2) + 7), 'in', true).match(/≈/g),
    ).toHaveLength(1);
  });
});
