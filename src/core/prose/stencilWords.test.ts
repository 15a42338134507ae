import { describe, expect, it } from 'vitest';
import {
  drizzle,
  library,
  planOf,
  stencilledOn,
  typed,
  wordsOn,
} from '../../../test/support/plans';
import { drawFace } from '../pictures/drawFace';
import { jigOpenings } from '../pictures/jigPage';
import { inches } from '../length/length';
import { turnStencil } from '../outline/turnStencil';
import { resolvePlan } from '../resolve/resolvePlan';
import { stencilMoves } from '../stencilling/stencilMoves';
import { stencilWords } from './stencilWords';
import { panel, stencil } from '../../../test/support/shapes';

describe('colour through a stencil', () => {
  const plan = planOf([
    panel,
    stencilledOn('panel', 'rain', drizzle),
    wordsOn('panel', 'words', ['hello']),
  ]);
  const card = resolvePlan(plan, library);

  it('is drawn each time the stencil is laid down, over all of its paper', () => {
    const drawn = drawFace(card, 'front').find(({ id }) => id === 'panel');
    const rain = drawn?.marks.find(({ id }) => id === 'rain');
    // 2 x 3 on 4 x 5: two across, two down.
    expect(rain?.strokes).toHaveLength(4);
    expect(rain?.rect).toEqual(card.pieces[0]?.rect);
    expect(rain?.whole.height).toBe(inches(5));
  });

  it('is no neighbour, no obstacle and no opening of the jig', () => {
    expect(jigOpenings(card, 'front').map(({ id }) => id)).toEqual(['words']);
  });

  it('is told move by move, with what is masked off', () => {
    const field = { width: inches(2), height: inches(3) };
    const zone = { width: inches(2), height: inches(5) };
    expect(stencilWords(stencilMoves(field, stencil.repeat, zone), zone, 'in')).toEqual([
      'Lay it: its top left corner on that of the zone.',
      'Move it: flush with the left, 2 from the top of the zone. Mask off what is finished: 1 at its top.',
    ]);
    const once = stencilMoves(field, { kind: 'single' }, zone);
    expect(stencilWords(once, zone, 'in')[0]).toMatch(/one picture and smaller/);
  });

  it('turned on its side four times is as it was, in size and stripes', () => {
    const striped = {
      ...stencil,
      repeat: { kind: 'stripes', pitch: typed('1/2'), slope: 30 },
    } as const;
    const turned = [1, 2, 3, 4].reduce((each) => turnStencil(each), striped as typeof stencil);
    expect([turned.width, turned.height, turned.repeat]).toEqual([
      striped.width,
      striped.height,
      striped.repeat,
    ]);
    expect(turnStencil(striped).repeat).toMatchObject({ slope: -60 });
  });
});
