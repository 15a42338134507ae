import { describe, expect, it } from 'vitest';
import {
  bowAt,
  library,
  measure,
  pieceOn,
  planOf,
  ribbonOn,
  ticksOf,
  typed,
} from '../../../test/support/plans';
import { must } from '../../../test/support/must';
import { drawFace } from '../pictures/drawFace';
import { millimetres, sumLengths } from '../length/length';
import { areaOfOutline } from '../outline/polygons';
import { boundsOf } from '../outline/outline';
import type { Piece } from '../plan/piece';
import { boxOnFace } from './boxOnFace';
import { outlineOf } from './outlineOf';
import { resolvePlan } from './resolvePlan';
import { isRibbon, ribbonParts } from './ribbonParts';

const resolved = (pieces: readonly Piece[]) => resolvePlan(planOf(pieces), library);
const orderOf = (pieces: readonly Piece[]) => resolved(pieces).painted.front.map(({ id }) => id);
const ribbonOf = (pieces: readonly Piece[]) => must(resolved(pieces).marks.find(isRibbon));
const twine = (on: string, change: Parameters<typeof ribbonOn>[2] = {}) =>
  ribbonOn(on, 'twine', { look: 'twine', width: typed('1 mm'), ...change });

const mat = pieceOn('front', 'mat', measure('4', '5'));
const panel = pieceOn('mat', 'panel', measure('3', '4'), { attach: 'foam' });
const label = pieceOn('mat', 'label', measure('2', '1/2'));

describe('a ribbon', () => {
  it('reaches from edge to edge of what it lies on, whichever way it runs', () => {
    const across = ribbonOf([mat, ribbonOn('mat', 'ribbon')]).rect;
    expect([across.width, across.height]).toEqual([ticksOf('4'), millimetres(10)]);
    const down = ribbonOf([mat, ribbonOn('mat', 'ribbon', { runs: 'down' })]).rect;
    expect([down.width, down.height]).toEqual([millimetres(10), ticksOf('5')]);
    const aside = { x: { from: 'left', distance: typed('1') }, y: { from: 'centre' }, turn: 0 };
    const placed = ribbonOn('mat', 'ribbon', { place: aside as Piece['place'] });
    expect(ribbonOf([mat, placed]).rect).toEqual(across);
  });

  it('goes over what comes before it in the list, and under what comes after it', () => {
    const ribbon = ribbonOn('mat', 'ribbon');
    expect(orderOf([mat, panel, ribbon, label])).toEqual(['mat', 'panel', 'ribbon', 'label']);
    expect(orderOf([mat, ribbon, panel, label])).toEqual(['mat', 'ribbon', 'panel', 'label']);
    expect(orderOf([mat, panel, label, ribbonOn('front', 'ribbon')]).at(-1)).toBe('ribbon');
    expect(orderOf([ribbonOn('front', 'ribbon'), mat, panel])[0]).toBe('ribbon');
    // What lies on something else is not under it.
    const beside = pieceOn('front', 'beside', measure('1', '1'));
    expect(orderOf([mat, beside, ribbon])).toEqual(['mat', 'ribbon', 'beside']);
  });

  it('is drawn over the edges of all it goes over', () => {
    const ids = drawFace(resolved([mat, panel, ribbonOn('front', 'ribbon')]), 'front').map(
      ({ id, colour, marks }) => [id, colour !== undefined, marks.map((mark) => mark.id)],
    );
    expect(ids.at(-1)).toEqual(['over ribbon', false, ['ribbon']]);
  });

  it('covers what its bow and tails cover too, and is measured by itself', () => {
    const bow = bowAt('50 mm');
    const plain = ribbonOf([mat, ribbonOn('mat', 'ribbon')]);
    const tied = ribbonOf([mat, ribbonOn('mat', 'ribbon', { bow })]);
    expect(boxOnFace(tied)).toEqual(plain.rect);
    const box = boundsOf(outlineOf(tied));
    expect(box.y1 - (plain.rect.y + plain.rect.height)).toBe(Math.round(bow.tail.ticks * 0.87));
    expect(plain.rect.y - box.y0).toBeGreaterThan(0);
    const [flat, loops] = ribbonParts(tied);
    const bowBox = boundsOf(must(loops).outline);
    const hair = millimetres(0.05);
    expect(Math.abs(bowBox.x1 - bowBox.x0 - bow.across.ticks)).toBeLessThan(hair);
    expect(Math.abs((bowBox.x0 + bowBox.x1) / 2 - plain.rect.x - bow.at.ticks)).toBeLessThan(hair);
    const both = areaOfOutline(must(flat).outline) + areaOfOutline(must(loops).outline);
    expect(areaOfOutline(outlineOf(tied))).toBeLessThan(both);
    expect(areaOfOutline(must(flat).outline)).toBeGreaterThan(areaOfOutline(outlineOf(plain)));
  });

  it('that runs down has its bow upright too, its tails to both sides', () => {
    const tied = ribbonOf([ribbonOn('front', 'ribbon', { runs: 'down', bow: bowAt('40 mm') })]);
    const box = boundsOf(outlineOf(tied));
    const middle = tied.rect.x + tied.rect.width / 2;
    expect(box.x1 - middle).toBeCloseTo(middle - box.x0, -3);
    expect(box.x1 - middle).toBeGreaterThan(ticksOf('14.9 mm'));
  });
});

describe('how high a ribbon lies', () => {
  const closed = (pieces: readonly Piece[]) => resolved(pieces).thickness.front;
  const top = (pieces: readonly Piece[], id: string) => {
    const { foot, caliper } = must(resolved(pieces).pieces.find((piece) => piece.id === id));
    return sumLengths(foot, caliper);
  };

  it('is on the highest it goes over, 0.3 mm more, and 4 mm with a bow there', () => {
    const papers = [mat, panel];
    const high = top(papers, 'panel');
    expect(closed([...papers, ribbonOn('mat', 'ribbon')])).toBe(high + millimetres(0.3));
    const bow = (at: string, look: 'bow' | 'flat' | 'knot' = 'bow') =>
      closed([
        ...papers,
        ribbonOn('mat', 'ribbon', { bow: bowAt(at, { look, tail: typed('0') }) }),
      ]);
    expect(bow('50 mm')).toBe(high + millimetres(4.3));
    expect(bow('50 mm', 'flat')).toBe(high + millimetres(1.5));
    expect(bow('50 mm', 'knot')).toBe(high + millimetres(2.3));
  });

  it('is that of its paper where the bow is off what lies on it', () => {
    const narrow = pieceOn('mat', 'panel', measure('1 1/2', '4'), {
      attach: 'foam',
      place: { x: { from: 'left', distance: typed('0') }, y: { from: 'centre' }, turn: 0 },
    });
    const bow = bowAt('75 mm');
    const all = [mat, narrow, ribbonOn('mat', 'ribbon', { bow })];
    expect(closed(all)).toBe(Math.max(top(all, 'mat') + millimetres(4.3), top(all, 'panel')));
  });

  it('raises what comes after it where that does not bend over it', () => {
    const flat = [mat, ribbonOn('mat', 'ribbon'), label];
    expect(top(flat, 'label')).toBe(top([mat, label], 'label'));
    const laid = twine('mat', { way: 'laid' });
    const over = [mat, laid, label];
    expect(top(over, 'label')).toBe(top([mat], 'mat') + millimetres(1) + millimetres(0.3));
    // On foam there is room for it.
    expect(top([mat, laid, panel], 'panel')).toBe(top([mat, panel], 'panel'));
    expect(top([mat, label, laid], 'label')).toBe(top([mat, label], 'label'));
  });

  it('raises the paper whose back it crosses, where its adhesive leaves less room', () => {
    const raisedBy = (change: Parameters<typeof twine>[1]) =>
      top([mat, label, twine('label', change)], 'label') - top([mat, label], 'label');
    const lift = must(resolved([mat, label]).pieces[1]).lift;
    expect(raisedBy({})).toBe(millimetres(1) - lift);
    expect(raisedBy({ way: 'tucked' })).toBe(millimetres(1) - lift);
    expect(raisedBy({ way: 'laid' })).toBe(0);
    expect(raisedBy({ way: 'tucked', tuck: typed('0') })).toBe(0);
    expect(raisedBy({ look: 'ribbon' })).toBe(0);
  });
});
