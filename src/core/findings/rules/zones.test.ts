import { describe, expect, it } from 'vitest';
import { afterRemedy, find, findOnPlan, mended } from '../../../../test/support/findings';
import {
  chalk,
  library,
  measure,
  moss,
  pieceOn,
  planOf,
  rowPaper,
} from '../../../../test/support/plans';
import { at } from '../../../../test/support/shapes';
import { millimetres, sumLengths } from '../../length/length';
import type { LibraryItem } from '../../plan/libraryItem';
import type { Paper, Zone } from '../../plan/piece';
import { resolvePlan } from '../../resolve/resolvePlan';

const zone = (where: Zone['where'], attach: Zone['attach'], over: string | null = null): Zone => ({
  where,
  attach,
  over: over as Zone['over'],
});
const nothing = zone({ at: 'all' }, 'none');
const panel = pieceOn('front', 'panel', measure('4 1/4', '5 1/2'));
const on = (id: string, width: string, height: string, change: Partial<Paper>) =>
  pieceOn('panel', id, measure(width, height), change);
const frame = on('frame', '1', '4', { place: at('1/4', '1/4'), attach: 'foam' });
const banner = (change: Partial<Paper>) =>
  on('banner', '3', '3/4', { place: at('1/2', '2'), ...change });

describe('a banner over a lifted frame', () => {
  it('is levelled by foam as high as the frame, and glue where it crosses it', () => {
    const pieces = [panel, frame, banner({ attach: 'tape' })];
    const plan = planOf(pieces);
    const [aslant] = findOnPlan('two-heights', plan);
    expect(aslant?.subject).toMatchObject({ id: 'banner', other: { id: 'frame' } });
    const level = afterRemedy(plan, aslant);
    expect(level.pieces.find(({ id }) => id === 'banner')).toMatchObject({
      attach: 'foam-sheet',
      zones: [{ where: { at: 'all' }, over: 'frame', attach: 'liquid' }],
    });
    expect(findOnPlan('two-heights', level)).toEqual([]);
    expect(findOnPlan('foam-short', level)).toEqual([]);
    const card = resolvePlan(level, library);
    const [under, over] = ['frame', 'banner'].map((id) =>
      card.pieces.find((piece) => piece.id === id),
    );
    // 0.3 mm of frame on 1.5 mm of foam; the banner on 2 mm of sheet beside it.
    expect(under && sumLengths(under.lift, under.caliper)).toBe(millimetres(1.8));
    expect(over?.lift).toBe(millimetres(2));
  });

  it('hangs on foam that does not reach it, and is levelled', () => {
    const short = banner({
      attach: 'thin-foam',
      zones: [zone({ at: 'all' }, 'liquid', 'frame')],
    });
    const [found] = find('foam-short', [panel, frame, short]);
    expect(found?.data.gap).toBe(millimetres(0.8));
    expect(found?.data.short).toBeGreaterThan(0);
    expect(mended('foam-short', [panel, frame, short])).toEqual([]);
  });
});

describe('foam', () => {
  it('may stand under one edge only, glued flat along the other', () => {
    const leaf = on('leaf', '2', '2', {
      attach: 'foam',
      zones: [
        nothing,
        zone({ at: 'sides', sides: ['top'] }, 'foam'),
        zone({ at: 'sides', sides: ['bottom'] }, 'liquid'),
      ],
    });
    expect(find('foam-short', [panel, leaf])).toEqual([]);
  });

  it('that stands round a large panel lets its middle sag', () => {
    const large = (change: Partial<Paper>) => on('large', '4', '5', { attach: 'tape', ...change });
    const round = large({ zones: [nothing, zone({ at: 'round' }, 'foam')] });
    const [found] = find('foam-sags', [panel, round]);
    // From the middle of 4 in to a strip of a quarter inch, a sixteenth inside the edge.
    expect(found?.data.free).toBeGreaterThan(millimetres(40));
    expect(found?.data.free).toBeLessThan(millimetres(44));
    expect(found?.remedies.map(({ id }) => id)).toEqual(['foam-middle', 'foam-sheet']);
    expect(mended('foam-sags', [panel, round])).toEqual([]);
    expect(find('foam-sags', [panel, large({ attach: 'foam' })])).toEqual([]);
    const small = on('small', '2', '2', { zones: [nothing, zone({ at: 'round' }, 'foam')] });
    expect(find('foam-sags', [panel, small])).toEqual([]);
  });

  it('that is laid in a zone is replaced with the rest, where it is too wide', () => {
    const strip = on('strip', '3', '3/16', {
      attach: 'tape',
      zones: [zone({ at: 'round' }, 'foam')],
    });
    expect(find('foam-wide', [panel, strip])).toHaveLength(1);
    expect(mended('foam-wide', [panel, strip])).toEqual([]);
  });

  it('is seen under the edge of a dark piece, and from how low', () => {
    const dark: LibraryItem[] = library.map((item) =>
      item.id === moss.id ? ({ ...item, colour: '#22301c' } as LibraryItem) : item,
    );
    const leaf = (change: Partial<Paper>) => on('leaf', '2', '2', { stock: moss, ...change });
    const [found] = find('pale-foam', [panel, leaf({ attach: 'foam' })], dark);
    // 1.5 mm high, a sixteenth of an inch inside the edge.
    expect(found?.data).toMatchObject({ sides: ['left', 'top', 'right', 'bottom'], from: 43 });
    const top = leaf({ zones: [zone({ at: 'sides', sides: ['top'] }, 'foam')] });
    expect(find('pale-foam', [panel, top], dark)[0]?.data.sides).toContain('top');
    expect(find('pale-foam', [panel, top], dark)[0]?.data.sides).not.toContain('bottom');
    expect(find('pale-foam', [panel, leaf({ attach: 'tape' })], dark)).toEqual([]);
    expect(find('pale-foam', [panel, leaf({ attach: 'foam', stock: chalk })], dark)).toEqual([]);
  });
});

describe('a piece that nothing holds', () => {
  const loose = on('insert', '1', '3', { zones: [nothing] });

  it('is told, and held by one key', () => {
    expect(find('not-held', [panel, loose])[0]?.severity).toBe('stop');
    expect(mended('not-held', [panel, loose])).toEqual([]);
  });

  it('is put into a pocket, which sticks to it until it is left open there', () => {
    const pocket = on('pocket', '2', '3', { attach: 'liquid', place: at('1', '2') });
    const put = { ...loose, place: at('1 1/2', '1') };
    const pieces = [panel, put, pocket];
    expect(find('not-held', pieces)).toEqual([]);
    expect(find('sticky-insert', pieces)[0]?.subject).toMatchObject({ id: 'pocket' });
    const open = afterRemedy(planOf(pieces), find('sticky-insert', pieces)[0]);
    expect(findOnPlan('sticky-insert', open)).toEqual([]);
    expect(findOnPlan('not-held', open)).toEqual([]);
    // What is glued onto the insert goes with it.
    const label = pieceOn('insert', 'label', measure('1/2', '1/2'), { attach: 'tape' });
    expect(find('sticky-insert', [panel, put, label])).toEqual([]);
  });
});

describe('liquid glue', () => {
  it('buckles thin paper by how much of it there is, not by the size of the piece', () => {
    const sizes = [
      ['1', '1'],
      ['4', '5'],
    ] as const;
    for (const [width, height] of sizes) {
      const glued = on('glued', width, height, { stock: rowPaper, attach: 'liquid' });
      const plan = planOf([panel, glued]);
      const wet = (liquid: number) => ({
        ...plan,
        habits: { ...plan.habits, adhesiveRates: { ...plan.habits.adhesiveRates, liquid } },
      });
      expect(findOnPlan('glue-buckles', wet(0.5))).toEqual([]);
      const [found] = findOnPlan('glue-buckles', wet(1));
      expect(found?.subject).toMatchObject({ id: 'glued' });
      expect(findOnPlan('glue-buckles', afterRemedy(wet(1), found))).toEqual([]);
    }
  });
});
