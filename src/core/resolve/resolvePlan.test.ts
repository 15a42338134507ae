import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  chalk,
  fiveLayers,
  library,
  measure,
  pieceOn,
  planOf,
  reveal,
  ticksOf,
  typed,
} from '../../../test/support/plans';
import { inches, lengthFromTicks, millimetres } from '../length/length';
import { asTyped } from '../length/typedLength';
import type { Piece, SizeRule } from '../plan/piece';
import type { Plan } from '../plan/plan';
import { letterAt } from './letterAt';
import { resolvePlan } from './resolvePlan';
import { supportRect } from './resolvedCard';

const resolve = (plan: Plan) => resolvePlan(plan, library);
const only = (piece: Piece) => {
  const [found] = resolve(planOf([piece])).pieces;
  if (!found) throw new Error('only: the piece came out impossible');
  return found;
};

/** The worked five-layer A2: common practice, with every figure cut that way for years. */
const worked = [
  ['paper', '4 1/8', '5 3/8', '1/16'],
  ['mat-1', '3 1/2', '4 3/4', '5/16'],
  ['mat-2', '3 1/4', '4 1/2', '1/8'],
  ['top', '3 1/8', '4 3/8', '1/16'],
  ['inside-mat', '3 7/8', '5 1/8', '3/16'],
  ['liner', '3 11/16', '4 15/16', '3/32'],
] as const;

describe('the worked five-layer A2', () => {
  it('gives all seven sizes from the base and the reveals', () => {
    const { base, pieces } = resolve(fiveLayers());
    expect(base.face).toEqual({ width: inches(4, 1, 4), height: inches(5, 1, 2) });
    const sizes = pieces.map(({ id, rect }) => [id, rect.width, rect.height]);
    expect(sizes).toEqual(worked.map(([id, w, h]) => [id, ticksOf(w), ticksOf(h)]));
  });

  it('gives all reveals from the sizes', () => {
    const bySize = fiveLayers().pieces.map((piece) => {
      const row = worked.find(([id]) => id === piece.id);
      return { ...piece, size: measure(row?.[1] ?? '', row?.[2] ?? '') };
    });
    const { pieces } = resolve(planOf(bySize));
    for (const [id, , , border] of worked) {
      const all = ticksOf(border);
      const found = pieces.find((piece) => piece.id === id);
      expect(found?.reveals).toEqual({ left: all, top: all, right: all, bottom: all });
    }
  });

  // Equal borders all round keep height minus width the same in every layer: common practice.
  it('keeps height minus width the same in every layer', () => {
    const { pieces } = resolve(fiveLayers());
    const differences = new Set(pieces.map(({ rect }) => rect.height - rect.width));
    expect([...differences]).toEqual([inches(1, 1, 4)]);
  });

  it('letters the base A, then front and inside in gluing order, and tells mat from panel and liner', () => {
    const { pieces } = resolve(fiveLayers());
    expect(pieces.map(({ letter, role }) => `${letter} ${role}`)).toEqual([
      'B mat',
      'C mat',
      'D mat',
      'E panel',
      'F mat',
      'G liner',
    ]);
  });
});

describe('sizes and places', () => {
  it('takes a step overall off both sides', () => {
    const { rect, reveals } = only(pieceOn('front', 'a', { by: 'step', overall: typed('1/2') }));
    expect([rect.width, rect.height]).toEqual([inches(3, 3, 4), inches(5)]);
    expect(reveals.left).toBe(inches(0, 1, 4));
  });

  it('takes each side for itself, which places the piece whatever its place rule says', () => {
    const sides = { left: typed('1/4'), top: typed('1/2'), right: typed('1'), bottom: typed('2') };
    const place = { x: { from: 'right', distance: typed('0') }, y: { from: 'centre' } } as const;
    const { rect, reveals } = only(pieceOn('front', 'a', { by: 'sides', ...sides }, place));
    expect([rect.x, rect.y]).toEqual([inches(0, 1, 4), inches(0, 1, 2)]);
    expect([rect.width, rect.height]).toEqual([inches(3), inches(3)]);
    expect([reveals.right, reveals.bottom]).toEqual([inches(1), inches(2)]);
  });

  it('measures from a named edge of what the piece lies on', () => {
    const place = {
      x: { from: 'right', distance: typed('1/4') },
      y: { from: 'bottom', distance: typed('1') },
    } as const;
    const { rect, origins } = only(pieceOn('front', 'a', measure('2', '3'), place));
    expect([rect.x, rect.y]).toEqual([inches(2), inches(1, 1, 2)]);
    expect(origins.x).toMatchObject({
      kind: 'from-edge',
      edge: 'right',
      distance: inches(0, 1, 4),
    });
  });

  it('leaves an odd half tick of centring on the right and bottom', () => {
    const odd: SizeRule = {
      by: 'measure',
      width: asTyped(lengthFromTicks(ticksOf('4') + 1)),
      height: typed('5'),
    };
    const { reveals } = only(pieceOn('front', 'a', odd));
    expect(reveals.right - reveals.left).toBe(1);
  });

  it('shows how far a piece overhangs as negative reveals', () => {
    const { reveals } = only(pieceOn('front', 'a', measure('4 1/2', '5 1/2')));
    expect(reveals).toMatchObject({ left: inches(0, -1, 8), top: 0 });
  });

  it('tells where each figure came from', () => {
    expect(only(pieceOn('front', 'a', reveal('1/16'))).origins.width).toEqual({
      kind: 'less-reveals',
      from: 'base',
      whole: inches(4, 1, 4),
      near: inches(0, 1, 16),
      far: inches(0, 1, 16),
    });
  });

  it('lets size, place and reveals agree to the tick for any rule (seed 21)', () => {
    const length = fc
      .integer({ min: 0, max: 3_000_000 })
      .map((ticks) => asTyped(lengthFromTicks(ticks)));
    const size = fc.oneof(
      length.map((all): SizeRule => ({ by: 'reveal', all })),
      length.map((overall): SizeRule => ({ by: 'step', overall })),
      fc
        .tuple(length, length)
        .map(([width, height]): SizeRule => ({ by: 'measure', width, height })),
      fc
        .tuple(length, length, length, length)
        .map(([left, top, right, bottom]): SizeRule => ({ by: 'sides', left, top, right, bottom })),
    );
    const place = fc
      .tuple(fc.constantFrom('centre', 'left', 'right'), length)
      .map(([from, distance]) => ({
        x: from === 'centre' ? { from } : { from, distance },
        y: { from: 'centre' as const },
      }));
    fc.assert(
      fc.property(fc.array(fc.tuple(size, place), { minLength: 1, maxLength: 6 }), (rules) => {
        const pieces = rules.map(([rule, at], index) =>
          pieceOn(index === 0 ? 'front' : `p${index - 1}`, `p${index}`, rule, at as Piece['place']),
        );
        const card = resolve(planOf(pieces));
        expect(card.pieces.length + card.impossible.length).toBe(pieces.length);
        for (const { rect, reveals, support } of card.pieces) {
          const under = supportRect(card, support);
          expect(reveals.left + rect.width + reveals.right).toBe(under.width);
          expect(reveals.top + rect.height + reveals.bottom).toBe(under.height);
          expect(rect.x).toBe(under.x + reveals.left);
          expect(rect.y).toBe(under.y + reveals.top);
          expect(Number.isSafeInteger(rect.width) && rect.width > 0).toBe(true);
        }
      }),
      { seed: 21 },
    );
  });
});

describe('heights', () => {
  // 216 g cardstock 0.30 mm, tape 0.1 mm, foam squares 1.5 mm: from memory, editable defaults.
  it('adds stocks and adhesives up to the closed thickness', () => {
    const lifted = { ...pieceOn('a', 'b', reveal('1/8')), attach: 'foam' } as const;
    const { thickness, pieces } = resolve(planOf([pieceOn('front', 'a', reveal('1/8')), lifted]));
    expect(pieces[1]?.foot).toBe(millimetres(0.1 + 0.3 + 1.5));
    expect(thickness).toEqual({
      front: millimetres(2.2),
      'inside-front': millimetres(0),
      inside: millimetres(0),
      back: millimetres(0),
      closed: millimetres(2.8),
    });
  });
});

describe('what cannot be', () => {
  const reasons = (pieces: readonly Piece[]) =>
    resolve(planOf(pieces)).impossible.map(({ id, reason }) => [id, reason.code]);

  it('finds a circle, and what lies on it, and resolves the rest', () => {
    const pieces = [
      pieceOn('b', 'a', reveal('1/8')),
      pieceOn('a', 'b', reveal('1/8')),
      pieceOn('b', 'c', reveal('1/8')),
      pieceOn('front', 'd', reveal('1/8')),
    ];
    expect(reasons(pieces)).toEqual([
      ['a', 'circle'],
      ['b', 'circle'],
      ['c', 'below'],
    ]);
    expect(resolve(planOf(pieces)).pieces.map(({ id }) => id)).toEqual(['d']);
  });

  it('finds a piece on itself, on nothing, and without a size', () => {
    expect(reasons([pieceOn('a', 'a', reveal('1/8'))])).toEqual([['a', 'circle']]);
    expect(reasons([pieceOn('gone', 'a', reveal('1/8'))])).toEqual([['a', 'nothing-under']]);
    expect(reasons([pieceOn('front', 'a', reveal('3'))])).toEqual([['a', 'no-size']]);
    expect(reasons([pieceOn('front', 'a', reveal('2 1/8'))])).toEqual([['a', 'no-size']]);
  });

  it('draws a stock it does not know with a guess at its thickness', () => {
    const unknown = { ...pieceOn('front', 'a', reveal('1/8')), stock: { ...chalk, version: 2 } };
    const [found] = resolve(planOf([unknown])).pieces;
    expect(found?.stock).toBeUndefined();
    expect(found?.caliper).toBe(millimetres(0.36));
  });
});

describe('letters', () => {
  it('go on with AA after Z', () => {
    expect([0, 25, 26, 51, 52, 701, 702].map(letterAt)).toEqual([
      'A',
      'Z',
      'AA',
      'AZ',
      'BA',
      'ZZ',
      'AAA',
    ]);
  });
});

describe('formats', () => {
  it('tells a custom size as typed, and a half blank as such', () => {
    const size = { width: typed('148 mm'), height: typed('148 mm') };
    const custom = resolve(planOf([], { format: { kind: 'custom', size } }));
    expect(custom.base.origins.width).toEqual({ kind: 'typed' });
    expect(custom.base.blank.width).toBe(millimetres(296));
    const tent = resolve(
      planOf([], { format: { kind: 'named', id: 'a6', stand: 'upright' }, fold: 'tent' }),
    );
    expect(tent.base.origins.height).toMatchObject({ kind: 'half-blank', blank: millimetres(297) });
  });
});
