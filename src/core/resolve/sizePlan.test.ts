import { describe, expect, it } from 'vitest';
import {
  coves,
  library,
  measure,
  pieceOn,
  planOf,
  reveal,
  ticksOf,
  typed,
} from '../../../test/support/plans';
import { inches, millimetres } from '../length/length';
import type { PieceId } from '../plan/ids';
import type { SizeRule } from '../plan/piece';
import type { Plan } from '../plan/plan';
import type { ResolvedPiece } from './resolvedPiece';
import { resolvePlan } from './resolvePlan';

const resolve = (plan: Plan) => resolvePlan(plan, library);
const named = (plan: Plan, id: string): ResolvedPiece => {
  const card = resolve(plan);
  const found = card.pieces.find((piece) => piece.id === id);
  if (!found) throw new Error(`named: ${id} has no figures: ${JSON.stringify(card.impossible)}`);
  return found;
};
const sizeOf = (plan: Plan, id: string) => {
  const { width, height } = named(plan, id).rect;
  return [width, height];
};
const outset = (around: string, all: string, bottom = all): SizeRule => ({
  by: 'outset',
  around: around as PieceId,
  left: typed(all),
  top: typed(all),
  right: typed(all),
  bottom: typed(bottom),
});
const reasons = (plan: Plan) =>
  resolve(plan).impossible.map(({ id, reason }) => `${id} ${reason.code}`);

describe('a mat built outward', () => {
  // The five-layer A2 of common practice from its top panel out: the same figures as from the base in.
  const outward = planOf([
    pieceOn('front', 'paper', outset('mat-1', '5/16')),
    pieceOn('paper', 'mat-1', outset('mat-2', '1/8')),
    pieceOn('mat-1', 'mat-2', outset('top', '1/16')),
    pieceOn('mat-2', 'top', measure('3 1/8', '4 3/8')),
  ]);

  it('gives the five-layer A2 from its panel to its paper', () => {
    expect(sizeOf(outward, 'mat-2')).toEqual([ticksOf('3 1/4'), ticksOf('4 1/2')]);
    expect(sizeOf(outward, 'mat-1')).toEqual([ticksOf('3 1/2'), ticksOf('4 3/4')]);
    expect(sizeOf(outward, 'paper')).toEqual([ticksOf('4 1/8'), ticksOf('5 3/8')]);
    expect(named(outward, 'paper').reveals.left).toBe(inches(0, 1, 16));
  });

  it('places the panel in it, whatever the panel’s own place is', () => {
    const plan = planOf([
      pieceOn('front', 'mat', outset('panel', '1/8', '3/8')),
      pieceOn('mat', 'panel', measure('2', '3')),
    ]);
    const { reveals, origins } = named(plan, 'panel');
    expect([reveals.top, reveals.bottom]).toEqual([inches(0, 1, 8), inches(0, 3, 8)]);
    expect(origins.y).toMatchObject({ kind: 'from-edge', edge: 'top' });
    expect(named(plan, 'mat').origins.height).toEqual({
      kind: 'more-reveals',
      around: 'panel',
      inner: inches(3),
      near: inches(0, 1, 8),
      far: inches(0, 3, 8),
    });
  });

  it('is a circle where the panel takes its size from the mat, and nothing where it is gone', () => {
    expect(
      reasons(
        planOf([
          pieceOn('front', 'mat', outset('panel', '1/8')),
          pieceOn('mat', 'panel', reveal('1/8')),
        ]),
      ),
    ).toEqual(['mat circle', 'panel below']);
    expect(reasons(planOf([pieceOn('front', 'mat', outset('gone', '1/8'))]))).toEqual([
      'mat nothing-inside',
    ]);
  });
});

describe('by die', () => {
  it('is as large as the die, turned or not, and says the border that results', () => {
    const die = (step: number, turned: boolean) =>
      planOf([pieceOn('front', 'a', { by: 'die', set: coves, step, turned })]);
    expect(sizeOf(die(1, false), 'a')).toEqual([ticksOf('3 3/4'), inches(5)]);
    expect(sizeOf(die(2, true), 'a')).toEqual([ticksOf('4 3/4'), ticksOf('3 1/2')]);
    const { reveals, origins } = named(die(1, false), 'a');
    expect([reveals.left, reveals.top]).toEqual([inches(0, 1, 4), inches(0, 1, 4)]);
    expect(origins.width).toEqual({ kind: 'die', set: 'Cove rectangles', nth: 2, of: 3 });
    expect(reasons(die(3, false))).toEqual(['a no-die']);
  });
});

describe('on a third', () => {
  it('has its middle a third from the left or top, or two thirds', () => {
    const place = { x: { from: 'third', which: 1 }, y: { from: 'third', which: 2 } } as const;
    const format = { kind: 'custom', size: { width: typed('6'), height: typed('9') } } as const;
    const plan = planOf([pieceOn('front', 'a', measure('1', '1'), place)], { format });
    const { rect, reveals } = named(plan, 'a');
    expect([rect.x, rect.y]).toEqual([inches(1, 1, 2), inches(5, 1, 2)]);
    expect(reveals.right).toBe(inches(3, 1, 2));
  });

  it('keeps the whole width between the borders where a third is no whole tick', () => {
    const place = { x: { from: 'third', which: 2 }, y: { from: 'centre' } } as const;
    const { rect, reveals } = named(planOf([pieceOn('front', 'a', measure('1', '1'), place)]), 'a');
    expect(reveals.left + rect.width + reveals.right).toBe(ticksOf('4 1/4'));
    expect(Math.abs(rect.x + rect.width / 2 - (ticksOf('4 1/4') * 2) / 3)).toBeLessThan(1.01);
  });
});

describe('a layer turned off', () => {
  const off = planOf([
    pieceOn('front', 'paper', reveal('1/16')),
    pieceOn('paper', 'mat', reveal('1/4'), { isOff: true }),
    pieceOn('mat', 'panel', reveal('1/8')),
  ]);

  it('is left out, and what lay on it lies on what is under it', () => {
    const card = resolve(off);
    expect(card.pieces.map(({ id, letter }) => `${letter} ${id}`)).toEqual(['B paper', 'C panel']);
    expect(named(off, 'panel').support).toBe('paper');
    expect(named(off, 'panel').reveals.left).toBe(inches(0, 1, 8));
    expect(card.impossible).toEqual([]);
  });

  it('still gives its size to a mat built round it', () => {
    const plan = planOf([
      pieceOn('front', 'mat', outset('panel', '1/8')),
      pieceOn('mat', 'panel', measure('2', '3'), { isOff: true }),
    ]);
    expect(sizeOf(plan, 'mat')).toEqual([inches(2, 1, 4), inches(3, 1, 4)]);
  });
});

describe('trimmed and cut out', () => {
  it('is cut larger by what comes off, side by side', () => {
    const trim = {
      left: typed('1/16'),
      top: typed('1/8'),
      right: typed('1/4'),
      bottom: typed('0'),
    };
    const { rect, cut } = named(planOf([pieceOn('front', 'a', measure('4', '5'), { trim })]), 'a');
    expect([rect.width, rect.height]).toEqual([inches(4), inches(5)]);
    expect(cut).toEqual({ width: inches(4, 5, 16), height: inches(5, 1, 8) });
  });

  it('recovers the middle under the largest piece on it, all but the rim', () => {
    const plan = planOf([
      pieceOn('front', 'mat', measure('4', '5'), { cutOut: { rim: typed('1/2') } }),
      pieceOn('mat', 'dot', measure('1', '1')),
      pieceOn('mat', 'panel', measure('3 1/2', '4 1/2')),
    ]);
    const { opening, rect } = named(plan, 'mat');
    expect([opening?.width, opening?.height]).toEqual([inches(2, 1, 2), inches(3, 1, 2)]);
    expect((opening?.x ?? 0) - rect.x).toBe(inches(0, 3, 4));
  });
});

describe('faces and folds', () => {
  const onAll = (fold: Plan['base']['fold']) =>
    planOf(
      (['front', 'inside-front', 'inside', 'back'] as const).map((face) =>
        pieceOn(face, face, reveal('1/8')),
      ),
      { fold },
    );

  it('has the faces of its fold and finds pieces on others', () => {
    expect(resolve(onAll('side')).pieces.map(({ letter, id }) => `${letter} ${id}`)).toEqual([
      'B front',
      'C inside-front',
      'D inside',
      'E back',
    ]);
    expect(reasons(onAll('gate'))).toEqual(['inside-front no-face']);
    expect(reasons(onAll('flat'))).toEqual(['inside-front no-face', 'inside no-face']);
  });

  it('adds up the closed card: two leaves and every stack, one leaf where it is flat', () => {
    const layer = 0.3 + 0.1;
    expect(resolve(onAll('side')).thickness.closed).toBe(millimetres(0.6 + 4 * layer));
    expect(resolve(onAll('flat')).thickness.closed).toBe(millimetres(0.3 + 2 * layer));
  });

  it('tells a piece that crosses the middle of a gate from one that ends there', () => {
    const at = (left: string) =>
      named(
        planOf(
          [
            pieceOn('front', 'a', measure('1', '2'), {
              x: { from: 'left', distance: typed(left) },
              y: { from: 'centre' },
            }),
          ],
          { fold: 'gate' },
        ),
        'a',
      ).crossesGate;
    expect([at('1'), at('1 1/8'), at('1 3/16'), at('2 1/8')]).toEqual([false, false, true, false]);
  });
});
