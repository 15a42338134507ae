import { describe, expect, it } from 'vitest';
import { ticksOf, typed } from '../../../test/support/plans';
import { inches } from '../length/length';
import type { PieceId } from '../plan/ids';
import type { Rect } from '../outline/outline';
import { placeAt } from '../measuring/placeAt';
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
