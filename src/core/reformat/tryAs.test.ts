import { describe, expect, it } from 'vitest';
import {
  a2Upright,
  bowAt,
  chalk,
  coves,
  dotOn,
  drawnOn,
  drizzle,
  fiveLayers,
  library,
  measure,
  pieceOn,
  planOf,
  reveal,
  ribbonOn,
  stampedOn,
  stencilledOn,
  ticksOf,
  typed,
  wordsOn,
  wren,
} from '../../../test/support/plans';
import { demoCards } from '../../../test/support/demoCards';
import { must } from '../../../test/support/must';
import type { PieceId } from '../plan/ids';
import type { Library } from '../plan/library';
import type { Piece, PlaceRule } from '../plan/piece';
import { dealKeys } from '../plan/orderKeys';
import { planSchema } from '../plan/plan';
import { resolvePlan } from '../resolve/resolvePlan';
import { tryAs, type NewFormat } from './tryAs';

const slimline: NewFormat = {
  format: { kind: 'named', id: 'slimline', stand: 'upright' },
  fold: 'side',
};
const lying: NewFormat = {
  format: { kind: 'named', id: 'slimline', stand: 'lying' },
  fold: 'tent',
};
const flat: NewFormat = { format: a2Upright, fold: 'flat' };
const newIds = () => {
  let number = 0;
  return () => `more-${(number += 1)}` as PieceId;
};
const place = (left: string, top: string): PlaceRule => ({
  x: { from: 'left', distance: typed(left) },
  y: { from: 'top', distance: typed(top) },
  turn: 0,
});
const tried = (pieces: readonly Piece[], next: NewFormat, items: Library = library) => {
  const { plan, steps } = tryAs(planOf(pieces), items, next, newIds());
  const card = resolvePlan(plan, items);
  return {
    plan,
    card,
    outcomes: Object.fromEntries(steps.map(({ id, outcome }) => [id, outcome])),
    rect: (id: string) => [...card.pieces, ...card.marks].find((each) => each.id === id)?.rect,
  };
};

describe('a design tried as another format', () => {
  it('has its mats by their rules, with the same borders and other sizes', () => {
    const before = resolvePlan(fiveLayers(), library);
    const { plan, steps } = tryAs(fiveLayers(), library, slimline, newIds());
    const after = resolvePlan(plan, library);
    expect(after.pieces.map(({ reveals }) => reveals)).toEqual(
      before.pieces.map(({ reveals }) => reveals),
    );
    expect(after.pieces[0]?.rect.height).toBe(ticksOf('8 3/8'));
    expect(steps.length).toBeGreaterThan(4);
    expect(new Set(steps.map(({ outcome }) => outcome.kind))).toEqual(new Set(['re-derived']));
  });

  it('is a sound plan in which nothing is impossible, whatever is on it and wherever it goes', () => {
    const pieces = [
      pieceOn('front', 'panel', measure('4', '5 1/4')),
      pieceOn('panel', 'die', { by: 'die', set: coves, step: 2, turned: false }),
      stencilledOn('panel', 'rain', drizzle),
      stampedOn('die', 'bird', wren, place('1', '3')),
      wordsOn('panel', 'words', ['a longer line of words']),
      dotOn('panel', 'dot', {
        x: { from: 'piece', piece: 'bird' as PieceId, side: 'right', gap: typed('0') },
      }),
      drawnOn('panel', 'line'),
      pieceOn('inside', 'liner', reveal('1/4')),
    ];
    for (const next of [slimline, lying, flat]) {
      const { plan, card, outcomes } = tried(pieces, next);
      expect(planSchema.safeParse(plan).success).toBe(true);
      expect(card.impossible).toEqual([]);
      // Never silently: each piece is told, and told to be left out where it is not there.
      expect(Object.keys(outcomes).toSorted()).toEqual(
        pieces.map(({ id }) => id as string).toSorted(),
      );
      for (const { id } of pieces)
        expect(plan.pieces.some((each) => each.id === id)).toBe(outcomes[id]?.kind !== 'left-out');
    }
  });

  it('has its strips where they were, in shares of the panel, and no wider disc than fits', () => {
    const hillside = must(demoCards.find(({ id }) => id === 'hillside-beds'));
    const before = resolvePlan(hillside.plan, hillside.library);
    const { plan } = tryAs(hillside.plan, hillside.library, slimline, newIds());
    const after = resolvePlan(plan, hillside.library);
    const shares = (card: typeof before) => {
      const { strips } = must(card.scenes[0]);
      const whole = strips.reduce((sum, { area }) => sum + area, 0);
      return strips.slice(1, -1).map(({ area }) => Number((area / whole).toFixed(2)));
    };
    expect(shares(after)).toEqual(shares(before));
    const [was, is] = [hillside.plan, plan].map(
      ({ scenes }) => must(scenes[0]?.disc ?? undefined).across.ticks,
    );
    const panel = (card: typeof before) => must(card.pieces[0]).rect.width;
    expect(must(is) / must(was)).toBeCloseTo(panel(after) / panel(before), 4);
  });

  it('stays as it is on the format it has', () => {
    const pieces = [
      pieceOn('front', 'panel', measure('4', '5 1/4')),
      stampedOn('panel', 'bird', wren, place('3/4', '3')),
    ];
    const { plan, outcomes } = tried(pieces, { format: a2Upright, fold: 'side' });
    expect(plan.pieces).toEqual(dealKeys(pieces));
    expect(outcomes).toEqual({ panel: { kind: 'kept' }, bird: { kind: 'kept' } });
  });

  it('keeps the borders of a panel with a size of its own, and cuts a strip down to the new width', () => {
    const pieces = [
      pieceOn('front', 'panel', measure('4', '5 1/4')),
      pieceOn('panel', 'strip', measure('4', '1/2'), place('0', '1/2')),
    ];
    const { outcomes, rect } = tried(pieces, slimline);
    expect(rect('panel')).toMatchObject({ width: ticksOf('3 1/4'), height: ticksOf('8 1/4') });
    expect(rect('strip')).toMatchObject({ width: ticksOf('3 1/4'), height: ticksOf('1/2') });
    expect(outcomes['panel']?.kind).toBe('borders-kept');
    expect(outcomes['strip']?.kind).toBe('cut-down');
  });

  it('keeps a mat that is built outward round its panel, and the panel on it', () => {
    const side = typed('1/4');
    const sides = { left: side, top: side, right: side, bottom: side };
    const pieces = [
      pieceOn('front', 'mat', { by: 'outset', around: 'panel' as PieceId, ...sides }),
      pieceOn('mat', 'panel', measure('2', '3')),
      stampedOn('panel', 'bird', wren),
    ];
    const { outcomes, rect } = tried(pieces, slimline);
    expect(Object.values(outcomes).map(({ kind }) => kind)).toEqual(['kept', 'kept', 'kept']);
    expect(rect('mat')).toMatchObject({ width: ticksOf('2 1/2'), height: ticksOf('3 1/2') });
  });

  it('leaves out a mat with the piece it goes round, so that nothing is impossible', () => {
    const side = typed('1/4');
    const sides = { left: side, top: side, right: side, bottom: side };
    const pieces = [
      pieceOn('front', 'mat', { by: 'outset', around: 'cut' as PieceId, ...sides }),
      pieceOn('mat', 'cut', { by: 'stamp', stamp: wren, rim: typed('1/16') }),
    ];
    const narrow: NewFormat = {
      format: { kind: 'custom', size: { width: typed('1'), height: typed('8') } },
      fold: 'side',
    };
    const { card, plan, outcomes } = tried(pieces, narrow);
    expect(card.impossible).toEqual([]);
    expect(plan.pieces.map(({ id }) => id)).toEqual(
      pieces.map(({ id }) => id).filter((id) => outcomes[id]?.kind !== 'left-out'),
    );
  });

  it('takes the die of the set that comes nearest to the borders it had', () => {
    const pieces = [pieceOn('front', 'panel', { by: 'die', set: coves, step: 0, turned: false })];
    const small: NewFormat = {
      format: { kind: 'custom', size: { width: typed('4'), height: typed('5') } },
      fold: 'side',
    };
    const { outcomes, rect } = tried(pieces, small);
    expect(outcomes['panel']).toEqual({ kind: 'other-die' });
    expect(rect('panel')).toMatchObject({ width: ticksOf('3 3/4'), height: ticksOf('5') });
  });

  it('keeps what is near an edge as near, and moves the rest by its share of the room', () => {
    const pieces = [
      pieceOn('front', 'panel', reveal('1/8')),
      stampedOn('panel', 'near', wren, place('1/4', '3/8')),
      stampedOn('panel', 'middle', wren, place('1', '2 1/8')),
    ];
    const { outcomes, rect } = tried(pieces, slimline);
    expect(outcomes['near']).toEqual({ kind: 'kept' });
    expect(outcomes['middle']).toEqual({ kind: 'moved' });
    // Half of what was free above it: 2 1/8 of 4 1/4; now 3 5/8 of 7 1/4, and 1/8 from the base.
    expect(rect('middle')?.y).toBe(ticksOf('3 3/4'));
  });

  it('ties a ribbon round the other card, its bow at the same share of it', () => {
    const bow = bowAt('27 mm');
    const plan = planOf([ribbonOn('front', 'ribbon', { bow })]);
    const { card, plan: other, rect } = tried(plan.pieces, slimline);
    const [ribbon] = other.pieces;
    const before = resolvePlan(plan, library).base.face.width;
    const { width } = card.base.face;
    expect(rect('ribbon')?.width).toBe(width);
    expect(ribbon?.kind === 'ribbon' && ribbon.bow?.at.ticks).toBe(
      Math.round((bow.at.ticks / before) * width),
    );
  });

  it('crops an image that is too wide, or leaves out one of which too little would be seen', () => {
    const wide = (width: string): Library =>
      library.map((item) => (item.kind === 'stamp' ? { ...item, width: typed(width) } : item));
    const pieces = [stampedOn('front', 'bird', wren)];
    const cropped = tried(pieces, slimline, wide('4'));
    expect(cropped.outcomes['bird']).toEqual({ kind: 'cut-down' });
    expect(cropped.rect('bird')?.width).toBe(ticksOf('3 1/2'));
    const narrow: NewFormat = {
      format: { kind: 'custom', size: { width: typed('2'), height: typed('8') } },
      fold: 'side',
    };
    expect(tried(pieces, narrow, wide('4')).outcomes['bird']).toEqual({
      kind: 'left-out',
      why: 'too-little',
    });
  });

  it('splits words on two lines before it sets them smaller', () => {
    const words = (text: string) => [wordsOn('front', 'words', [text])];
    const narrow = (width: string): NewFormat => ({
      format: { kind: 'custom', size: { width: typed(width), height: typed('8') } },
      fold: 'side',
    });
    const split = tried(words('a place of your own'), narrow('1 1/2'));
    expect(split.outcomes['words']).toEqual({ kind: 'split' });
    const [piece] = split.plan.pieces;
    expect(piece?.kind === 'words' && piece.lines).toEqual(['a place of', 'your own']);
    expect(tried(words('buttonhole'), narrow('1')).outcomes['words']).toEqual({
      kind: 'smaller-letters',
    });
    expect(tried(words('buttonhole'), narrow('1/2')).outcomes['words']).toEqual({
      kind: 'left-out',
      why: 'no-room',
    });
  });

  it('repeats a border that no longer reaches across, every other one turned over', () => {
    const hill: Library = library.map((item) =>
      item.kind === 'die-set'
        ? { ...item, steps: [{ width: typed('4 1/2'), height: typed('1 1/2') }] }
        : item,
    );
    const pieces = [
      pieceOn(
        'front',
        'hill',
        { by: 'die', set: coves, step: 0, turned: false },
        {
          stock: chalk,
          place: { x: { from: 'centre' }, y: { from: 'bottom', distance: typed('0') }, turn: 0 },
        },
      ),
    ];
    const { outcomes, card } = tried(pieces, lying, hill);
    expect(outcomes['hill']).toEqual({ kind: 'repeated', more: 1 });
    const [first, second] = card.pieces;
    expect(first?.rect.x).toBe(0);
    expect((second?.rect.x ?? 0) + (second?.rect.width ?? 0)).toBeGreaterThanOrEqual(
      ticksOf('8 1/2'),
    );
    expect([first?.piece.isMirrored, second?.piece.isMirrored]).toEqual([false, true]);
  });

  it('leaves out what lies on a face it does not have, and what lies on that', () => {
    const pieces = [
      pieceOn('inside', 'liner', reveal('1/4')),
      wordsOn('liner', 'words', ['hello']),
      pieceOn('front', 'panel', reveal('1/8')),
    ];
    const { outcomes } = tried(pieces, flat);
    expect(outcomes['liner']).toEqual({ kind: 'left-out', why: 'no-face' });
    expect(outcomes['words']).toEqual({ kind: 'left-out', why: 'below' });
    expect(outcomes['panel']?.kind).toBe('kept');
  });
});
