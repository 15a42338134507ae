import { describe, expect, it } from 'vitest';
import { library, measure, pieceOn, planOf, typed } from '../../../test/support/plans';
import { millimetres, sumLengths } from '../length/length';
import type { Paper, PlaceRule } from '../plan/piece';
import { resolvePlan } from './resolvePlan';

const at = (left: string, top: string): PlaceRule => ({
  x: { from: 'left', distance: typed(left) },
  y: { from: 'top', distance: typed(top) },
  turn: 0,
});
const frame = (change: Partial<Paper> = {}) =>
  pieceOn('front', 'frame', measure('1', '4'), {
    place: at('1/4', '1/4'),
    attach: 'foam',
    ...change,
  });
const banner = (change: Partial<Paper> = {}) =>
  pieceOn('front', 'banner', measure('3', '1/2'), {
    place: at('1/2', '2'),
    attach: 'tape',
    ...change,
  });
const heights = (pieces: readonly Paper[]) => {
  const { pieces: laid, thickness } = resolvePlan(planOf(pieces), library);
  const of = (id: string) => laid.find((piece) => piece.id === id);
  const top = (id: string) => {
    const piece = of(id);
    return piece && sumLengths(piece.foot, piece.caliper);
  };
  return { of, top, thickness };
};

describe('a piece that crosses a higher one', () => {
  it('lies on it, and the card is that much thicker', () => {
    const { of, top, thickness } = heights([frame(), banner()]);
    expect(of('banner')?.foot).toBe(top('frame'));
    expect(of('banner')?.raised).toBe(millimetres(1.7));
    expect(thickness.front).toBe(top('banner'));
  });

  it('takes along what lies on it, once', () => {
    const label = pieceOn('banner', 'label', measure('1', '1/4'), { attach: 'tape' });
    const { of, top } = heights([frame(), banner(), label]);
    const tape = of('label')?.lift;
    expect(tape).toBeGreaterThan(0);
    expect((of('label')?.foot ?? 0) - (top('banner') ?? 0)).toBe(tape);
    expect(of('label')?.raised).toBe(0);
  });

  it('is carried by what it lies on, not raised by it', () => {
    const mat = frame();
    const panel = pieceOn('frame', 'panel', measure('3/4', '3 1/2'), { attach: 'tape' });
    expect(heights([mat, panel]).of('panel')?.raised).toBe(0);
  });

  it('stays where it is beside it, under it, or as high', () => {
    expect(heights([frame(), banner({ place: at('1 1/2', '2') })]).of('banner')?.raised).toBe(0);
    expect(heights([banner(), frame()]).of('banner')?.raised).toBe(0);
    expect(heights([frame(), banner({ attach: 'foam' })]).of('banner')?.raised).toBe(0);
    expect(heights([frame({ attach: 'tape' }), banner()]).of('banner')?.raised).toBe(0);
  });
});
