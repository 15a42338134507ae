import { describe, expect, it } from 'vitest';
import { library, measure, pieceOn, planOf, ticksOf, typed } from '../../../test/support/plans';
import { at } from '../../../test/support/shapes';
import { millimetres, sumLengths } from '../length/length';
import { isWithin, meets } from '../outline/distance';
import { boundsOf } from '../outline/outline';
import type { Paper, Zone } from '../plan/piece';
import { gapOver, padsOf } from './bond';
import { adhesiveUnder } from '../supplies/adhesiveAmount';
import { outlineOf } from './outlineOf';
import { resolvePlan } from './resolvePlan';

const zone = (where: Zone['where'], attach: Zone['attach'], over: string | null = null): Zone => ({
  where,
  attach,
  over: over as Zone['over'],
});

const panel = (change: Partial<Paper>) =>
  pieceOn('front', 'panel', measure('100 mm', '60 mm'), { place: at('1/8', '1/8'), ...change });

const resolved = (pieces: readonly Paper[]) => resolvePlan(planOf(pieces), library);
const piece = (pieces: readonly Paper[], id = 'panel') => {
  const found = resolved(pieces).pieces.find((each) => each.id === id);
  if (!found) throw new Error(`no ${id}`);
  return found;
};
const padsUnder = (change: Partial<Paper>) => padsOf(piece([panel(change)])) ?? [];
const strip = ticksOf('1/4');
const inset = ticksOf('1/16');

describe('pads under a piece that is held by zones', () => {
  it('are none where one adhesive holds all of it', () => {
    expect(padsOf(piece([panel({ attach: 'foam' })]))).toBeUndefined();
  });

  it.each<readonly [string, Partial<Paper>]>([
    ['squares', { attach: 'foam', zones: [zone({ at: 'sides', sides: ['left'] }, 'none')] }],
    ['a bead', { attach: 'liquid', zones: [zone({ at: 'sides', sides: ['top'] }, 'none')] }],
    ['a sheet', { attach: 'foam-sheet', zones: [zone({ at: 'middle' }, 'none')] }],
    ['strips', { attach: 'tape', zones: [zone({ at: 'round' }, 'thick-foam')] }],
    [
      'what is turned',
      {
        attach: 'foam',
        zones: [zone({ at: 'sides', sides: ['top', 'right'] }, 'tape')],
        place: { ...at('1/8', '3/4'), turn: 20 },
      },
    ],
    [
      'what a die cuts',
      {
        size: {
          by: 'die',
          set: { id: 'coves', version: 1 },
          step: 2,
          turned: false,
        } as Paper['size'],
        zones: [zone({ at: 'all' }, 'foam')],
        attach: 'liquid',
      },
    ],
  ])('lie on it and never on one another: %s', (_, change) => {
    const held = piece([panel(change)]);
    const pads = padsOf(held) ?? [];
    expect(pads.length).toBeGreaterThan(1);
    for (const [index, { outline }] of pads.entries()) {
      expect(isWithin(outline, outlineOf(held))).toBe(true);
      for (const other of pads.slice(index + 1)) {
        const [a, b] = [boundsOf(outline), boundsOf(other.outline)];
        if (held.piece.place.turn === 0 && meets(outline, other.outline))
          expect(Math.min(a.x1 - b.x0, b.x1 - a.x0, a.y1 - b.y0, b.y1 - a.y0)).toBeLessThanOrEqual(
            0,
          );
      }
    }
  });

  it('run along the sides that are told, as wide as the strip, inside the edge', () => {
    const pads = padsUnder({
      attach: 'tape',
      zones: [zone({ at: 'all' }, 'none'), zone({ at: 'sides', sides: ['top', 'bottom'] }, 'foam')],
    });
    const { rect } = piece([panel({})]);
    expect(pads.map(({ adhesive }) => adhesive)).toEqual(['foam', 'foam']);
    const [top, bottom] = pads.map(({ outline }) => boundsOf(outline));
    expect((top?.y0 ?? 0) - rect.y).toBe(inset);
    expect((top?.y1 ?? 0) - (top?.y0 ?? 0)).toBe(strip);
    expect(rect.y + rect.height - (bottom?.y1 ?? 0)).toBe(inset);
    // 100 mm less a sixteenth at each end holds 15 quarters of an inch.
    expect(pads.map(({ squares }) => squares)).toEqual([15, 15]);
  });

  it('leave the side of a pocket open that nothing holds', () => {
    const pads = padsUnder({
      attach: 'liquid',
      zones: [zone({ at: 'sides', sides: ['top'] }, 'none')],
    });
    const { rect } = piece([panel({})]);
    expect(pads).toHaveLength(3);
    for (const { outline } of pads)
      expect(boundsOf(outline).y0).toBeGreaterThanOrEqual(rect.y + inset + strip);
  });

  it('take as much of a sheet as they cover, be they narrower than a strip', () => {
    const narrow = piece([
      panel({
        size: measure('100 mm', '6 mm'),
        attach: 'tape',
        zones: [zone({ at: 'all' }, 'foam-sheet')],
      }),
    ]);
    const pads = padsOf(narrow) ?? [];
    const area = pads.reduce((sum, { length, width }) => sum + length * width, 0);
    expect(area).toBeGreaterThan(0);
    expect(area).toBeLessThan(millimetres(100) * millimetres(6));
    const { habits } = planOf([]);
    const rates = { ...habits.adhesiveRates, 'foam-sheet': 100 };
    // A hundred to 100 square centimetres: one to a square centimetre, of six of which half is covered.
    const amount = adhesiveUnder(narrow, 'foam-sheet', { ...habits, adhesiveRates: rates });
    expect(amount).toBe(Math.ceil(area / millimetres(10) ** 2 - 1e-9));
  });

  it('stand at the places that are told, and only on the piece', () => {
    const places = [
      { x: typed('20 mm'), y: typed('30 mm') },
      { x: typed('200 mm'), y: typed('30 mm') },
    ];
    const pads = padsUnder({
      attach: 'tape',
      zones: [zone({ at: 'all' }, 'none'), zone({ at: 'places', places }, 'thick-foam')],
    });
    const { rect } = piece([panel({})]);
    expect(pads).toHaveLength(1);
    const { x0, x1, y0, y1 } = boundsOf(pads[0]?.outline ?? []);
    expect((x0 + x1) / 2 - rect.x).toBe(millimetres(20));
    expect((y0 + y1) / 2 - rect.y).toBe(millimetres(30));
  });

  it('are none under a hair of paper, and no more than anyone lays under a wall of it', () => {
    const hair = padsUnder({
      size: measure('100 mm', '0.1 mm'),
      zones: [zone({ at: 'middle' }, 'foam')],
    });
    expect(hair).toEqual([]);
    const wall = padsUnder({
      size: measure('9000 mm', '9000 mm'),
      attach: 'tape',
      zones: [zone({ at: 'sides', sides: ['top'] }, 'none')],
    });
    expect(wall).toHaveLength(3);
    expect(wall.reduce((sum, { squares }) => sum + squares, 0)).toBeLessThan(4 * 200);
  });

  it('count the later of two zones that meet', () => {
    const foam = zone({ at: 'middle' }, 'foam');
    const none = zone({ at: 'all' }, 'none');
    const strip = zone({ at: 'sides', sides: ['left'] }, 'thick-foam');
    const pads = padsUnder({ attach: 'foam', zones: [strip] });
    for (const square of pads.filter(({ adhesive }) => adhesive === 'foam'))
      for (const { outline } of pads.filter(({ adhesive }) => adhesive === 'thick-foam'))
        expect(meets(square.outline, outline)).toBe(false);
    expect(padsUnder({ attach: 'tape', zones: [foam, none] })).toEqual([]);
    expect(padsUnder({ attach: 'tape', zones: [none, foam] }).length).toBeGreaterThan(0);
  });
});

describe('a piece that is held by zones', () => {
  const frame = pieceOn('front', 'frame', measure('1', '4'), {
    place: at('1/4', '1/4'),
    attach: 'foam',
  });
  const banner = (change: Partial<Paper>) =>
    pieceOn('front', 'banner', measure('3', '3/4'), { place: at('1/2', '2'), ...change });
  const overFrame = (attach: Zone['attach']) => zone({ at: 'all' }, attach, 'frame');

  it('lies level over a frame on foam of its height, with glue where it crosses the frame', () => {
    const pieces = [frame, banner({ attach: 'foam-sheet', zones: [overFrame('liquid')] })];
    const [high, held] = [piece(pieces, 'frame'), piece(pieces, 'banner')];
    const top = sumLengths(high.foot, high.caliper);
    const foam = millimetres(2);
    // 1.8 mm of frame and foam, 2 mm of foam sheet: the higher of both.
    expect(top).toBe(millimetres(1.8));
    expect([held.foot, held.lift, held.raised]).toEqual([foam, foam, 0]);
    const pads = padsOf(held) ?? [];
    expect(new Set(pads.map(({ on }) => on))).toEqual(new Set(['base', 'frame']));
    expect(pads.every((pad) => gapOver(held, pad) === 0)).toBe(true);
    const glued = pads.filter(({ adhesive }) => adhesive === 'liquid');
    expect(glued.every(({ on, top: high }) => on === 'frame' && high === top)).toBe(true);
  });

  it('hangs over what its pads do not reach', () => {
    const pieces = [frame, banner({ attach: 'thin-foam', zones: [overFrame('foam')] })];
    const held = piece(pieces, 'banner');
    // 1.8 mm of frame and 1.5 mm of foam on it.
    expect(held.foot).toBe(millimetres(3.3));
    const pads = padsOf(held) ?? [];
    const short = pads.filter(({ adhesive }) => adhesive === 'thin-foam');
    expect(short.length).toBeGreaterThan(0);
    expect(short.every((pad) => gapOver(held, pad) === millimetres(2.3))).toBe(true);
  });

  it('takes what lies on it along, and lies on its paper where nothing holds it', () => {
    const label = pieceOn('banner', 'label', measure('1', '1/4'), { attach: 'tape' });
    const loose = banner({ attach: 'foam', zones: [zone({ at: 'all' }, 'none')] });
    const flat = piece([loose, label], 'banner');
    expect([flat.foot, flat.lift, flat.bonds]).toEqual([0, 0, []]);
    const { foot, lift } = piece([loose, label], 'label');
    expect(foot - lift).toBe(flat.caliper);
  });

  it('keeps to no piece that it does not lie over', () => {
    const beside = { ...frame, place: at('3 1/4', '1/4') };
    const held = piece(
      [
        beside,
        banner({
          place: at('1/8', '2'),
          size: measure('2', '3/4'),
          zones: [overFrame('thick-foam')],
        }),
      ],
      'banner',
    );
    expect((padsOf(held) ?? []).map(({ adhesive }) => adhesive)).not.toContain('thick-foam');
  });
});
