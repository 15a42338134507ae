import { describe, expect, it } from 'vitest';
import { library, measure, pieceOn, planOf } from '../../../test/support/plans';
import { at } from '../../../test/support/shapes';
import type { Paper, Zone } from '../plan/piece';
import { resolvePlan } from '../resolve/resolvePlan';
import { gluedWords } from './gluedWords';
import { holdWords } from './holdWords';

const zone = (where: Zone['where'], attach: Zone['attach']): Zone => ({
  where,
  attach,
  over: null,
});
const wordsOf = (change: Partial<Paper>) => {
  const piece = pieceOn('front', 'leaf', measure('3', '2'), { place: at('1/4', '1/4'), ...change });
  const [leaf] = resolvePlan(planOf([piece]), library).pieces;
  return leaf && holdWords(leaf, 'in');
};
const nothing = zone({ at: 'all' }, 'none');

describe('what holds a piece', () => {
  it('is not told where one adhesive holds all of it', () => {
    expect(wordsOf({ attach: 'foam' })).toBeUndefined();
  });

  it('is counted in squares and strips, and measured where it is a bead', () => {
    const sides = zone({ at: 'sides', sides: ['top'] }, 'foam');
    // Three inches less a sixteenth at each end: 11 quarters.
    expect(wordsOf({ zones: [nothing, sides] })).toBe(
      'Held by foam squares (11 in 1 strip), 1.5 mm above what it lies on.',
    );
    const foot = zone({ at: 'sides', sides: ['bottom'] }, 'liquid');
    expect(wordsOf({ zones: [nothing, foot] })).toBe('Held by liquid glue (2 3⁄4 in).');
    const sheet = zone({ at: 'middle' }, 'foam-sheet');
    expect(wordsOf({ zones: [nothing, sheet] })).toBe(
      'Held by foam sheet, 2 mm above what it lies on.',
    );
  });

  it('is said to hang where it does not reach, and to be missing', () => {
    const high = zone({ at: 'sides', sides: ['top'] }, 'thick-foam');
    const low = zone({ at: 'sides', sides: ['bottom'] }, 'thin-foam');
    expect(wordsOf({ zones: [nothing, high, low] })).toBe(
      'Held by thin foam (11 in 1 strip) and thick foam (11 in 1 strip), 3 mm above what it lies on; 1 of 2 pads ends 2 mm under it.',
    );
    expect(wordsOf({ zones: [nothing] })).toBe('Nothing holds it.');
  });
});

describe('by what a piece is stuck', () => {
  const card = resolvePlan(planOf([pieceOn('front', 'frame', measure('3', '2'))]), library);
  const overFrame = (attach: Zone['attach']): Zone => ({
    ...zone({ at: 'all' }, attach),
    over: 'frame' as Zone['over'],
  });
  it.each<readonly [readonly Zone[], string]>([
    [[], 'foam sheet'],
    [[overFrame('liquid')], 'foam sheet, but liquid glue over B'],
    [
      [zone({ at: 'sides', sides: ['left', 'top'] }, 'none')],
      'foam sheet, but nothing along the left and top',
    ],
    [[nothing, overFrame('foam')], 'foam squares over B only'],
    [[zone({ at: 'round' }, 'tape'), nothing], 'nothing'],
    [
      [nothing, zone({ at: 'middle' }, 'foam'), zone({ at: 'round' }, 'tape')],
      'foam squares in the middle and tape all round only',
    ],
    [[{ ...overFrame('liquid'), over: 'gone' as Zone['over'] }], 'foam sheet'],
  ])('%#', (zones, words) => {
    expect(gluedWords({ attach: 'foam-sheet', zones }, card)).toBe(words);
  });
});
