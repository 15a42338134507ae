import { describe, expect, it } from 'vitest';
import { dotOn, library, measure, pieceOn, planOf, typed } from '../../../test/support/plans';
import { millimetres } from '../length/length';
import type { Piece, PlaceRule } from '../plan/piece';
import { resolvePlan } from '../resolve/resolvePlan';
import { heightMap } from './heightMap';
import { stackOf } from './stackOf';
import { twoTogether } from './twoTogether';

const two = (pieces: readonly Piece[]) => {
  const plan = planOf(pieces, { fold: 'flat' });
  const map = heightMap(stackOf(plan, resolvePlan(plan, library)));
  const { backs, fronts } = twoTogether(map);
  return { backs: backs / millimetres(1), fronts: fronts / millimetres(1) };
};
const at = (left: string, top: string): Pick<PlaceRule, 'x' | 'y'> => ({
  x: { from: 'left', distance: typed(left) },
  y: { from: 'top', distance: typed(top) },
});

describe('two cards in a box', () => {
  it('are twice as high with their backs together', () => {
    expect(two([])).toEqual({ backs: 0.6, fronts: 0.6 });
    expect(two([dotOn('front', 'gem')]).backs).toBeCloseTo(4.6, 9);
  });

  it('lie in one another with their fronts together, turned the way that is lower', () => {
    // In the middle a gem meets its like, however the card is turned.
    expect(two([dotOn('front', 'gem')]).fronts).toBeCloseTo(4.6, 9);
    expect(two([dotOn('front', 'gem', at('1/4', '2 11/16'))]).fronts).toBeCloseTo(2.6, 9);
    expect(two([dotOn('front', 'gem', at('2 1/16', '1/4'))]).fronts).toBeCloseTo(2.6, 9);
    // A gem at the left and one at the right meet sideways, and not end for end.
    const gems = [dotOn('front', 'a', at('1/4', '1')), dotOn('front', 'b', at('3 7/8', '1'))];
    expect(two(gems).fronts).toBeCloseTo(2.6, 9);
  });

  it('count whatever lies where', () => {
    const panel = pieceOn('front', 'panel', measure('4', '5'), { attach: 'foam' });
    const gem = dotOn('panel', 'gem', at('1/4', '1/4'));
    const whole = two([panel, gem]);
    expect(whole.backs - whole.fronts).toBeCloseTo(2, 9);
  });
});
