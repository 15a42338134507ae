import { describe, expect, it } from 'vitest';
import {
  coves,
  library,
  measure,
  pieceOn,
  planOf,
  ticksOf,
  typed,
  wren,
  dotOn,
  stampedOn,
  wordsOn,
} from '../../../test/support/plans';
import { inches } from '../length/length';
import { boundsOf } from '../outline/outline';
import { outlineOf } from './outlineOf';
import type { Library } from '../plan/library';
import type { Piece } from '../plan/piece';
import { resolvePlan } from './resolvePlan';
import { at, panel, stamp, stencil, shoelace } from '../../../test/support/shapes';

if (!stamp || !stencil) throw new Error('expected a stamp and a stencil');

describe('what is cut twice', () => {
  const triangle: Library = library.map((item) =>
    item.kind === 'die-set'
      ? { ...item, shape: { box: { width: 400, height: 525 }, outline: 'M0 525L200 0L400 525Z' } }
      : item,
  );
  const die = (change: Partial<Extract<Piece, { kind: 'panel' }>>) =>
    pieceOn('panel', 'hill', { by: 'die', set: coves, step: 0, turned: false }, change);
  const small = pieceOn('front', 'panel', measure('3', '4'));
  const boundsIn = (pieces: readonly Piece[]) => {
    const hill = resolvePlan(planOf(pieces), triangle).pieces.find(({ id }) => id === 'hill');
    if (!hill) throw new Error('expected a hill');
    return { hill, bounds: boundsOf(outlineOf(hill)) };
  };

  it('with its panel ends where the panel ends', () => {
    const { bounds } = boundsIn([small, die({ overhang: 'with-support' })]);
    // The panel is centred on 4 1/4 x 5 1/2; the triangle is narrower at its top edge.
    expect(bounds.x0).toBe(ticksOf('5/8'));
    expect(bounds.y1).toBe(ticksOf('4 3/4'));
  });

  it('cut down is as much smaller, and keeps the rest of its line', () => {
    const nothing = typed('0');
    const crop = { left: nothing, top: nothing, right: typed('2'), bottom: nothing };
    const { hill, bounds } = boundsIn([panel, die({ crop, place: at('0', '0') })]);
    expect(hill.rect.width).toBe(inches(2));
    expect(hill.uncut.width).toBe(inches(4));
    // Half of the triangle: its tip is at the right end now.
    const top = outlineOf(hill)[0]?.find(({ y }) => y === bounds.y0);
    expect(top?.x).toBe(hill.rect.x + inches(2));
  });

  it('a piece cut away to nothing is told to be so', () => {
    const crop = { left: typed('4'), top: typed('0'), right: typed('0'), bottom: typed('0') };
    const { impossible } = resolvePlan(planOf([panel, die({ crop })]), triangle);
    expect(impossible[0]?.reason.code).toBe('no-size');
  });
});

describe('the outline of a piece', () => {
  const outlines = (turn: number) => {
    const plan = planOf([
      pieceOn('front', 'panel', measure('4', '5')),
      stampedOn('panel', 'bird', wren, { turn }),
      wordsOn('panel', 'words', ['hello', 'there'], { turn }),
      dotOn('panel', 'gem'),
    ]);
    return resolvePlan(plan, library).marks.map(outlineOf);
  };

  it('turned by a quarter has its sides swapped, about the same middle', () => {
    const [straight, turned] = [outlines(0), outlines(90)].map(([bird = []]) => boundsOf(bird));
    if (!straight || !turned) throw new Error('no bird');
    expect(turned.x1 - turned.x0).toBe(straight.y1 - straight.y0);
    expect(turned.y1 - turned.y0).toBe(straight.x1 - straight.x0);
    expect(turned.x0 + turned.x1).toBe(straight.x0 + straight.x1);
    expect(turned.y0 + turned.y1).toBe(straight.y0 + straight.y1);
  });

  it('is the shape of the stamp, a box for each line of words, and round for a dot', () => {
    const [bird = [], words = [], gem = []] = outlines(0);
    expect(bird.map((polygon) => polygon.length)).toEqual([3]);
    expect(shoelace(bird[0] ?? [])).toBe(inches(2) * inches(1) * 0.5);
    expect(words.map((polygon) => polygon.length)).toEqual([4, 4]);
    expect(shoelace(gem[0] ?? []) / (Math.PI * inches(0, 1, 16) ** 2)).toBeCloseTo(1, 1);
  });
});
