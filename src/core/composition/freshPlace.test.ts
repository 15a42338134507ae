import { describe, expect, it } from 'vitest';
import {
  library,
  measure,
  pieceOn,
  planOf,
  stampedOn,
  wordsOn,
  wren,
} from '../../../test/support/plans';
import { rulerMarks } from '../length/marks';
import type { Mark } from '../plan/piece';
import { withPieces } from '../plan/withPieces';
import { resolvePlan } from '../resolve/resolvePlan';
import { boundsOf } from '../outline/outline';
import { outlineOf } from '../resolve/outlineOf';
import { freshPlace } from './freshPlace';

const panel = pieceOn('front', 'panel', measure('3 3/4', '5'));
const hello: Mark = wordsOn('panel', 'hello', ['hello']);

describe('where something new is put', () => {
  it('is the middle while that is free', () => {
    expect(freshPlace(planOf([panel]), library, hello, 'in')).toMatchObject({
      x: { from: 'centre' },
      y: { from: 'centre' },
    });
  });

  it('is the best free place where something lies in the middle', () => {
    const plan = planOf([panel, stampedOn('panel', 'bird', wren)]);
    const placed = { ...hello, place: freshPlace(plan, library, hello, 'in') };
    const card = resolvePlan(withPieces(plan, [...plan.pieces, placed]), library);
    const [bird, words] = card.marks.map((mark) => boundsOf(outlineOf(mark)));
    expect(placed.place.y.from).not.toBe('centre');
    // On a mark of the ruler, so that it can be laid there.
    expect(placed.place.y).toMatchObject({ distance: { ticks: expect.any(Number) } });
    const { y } = placed.place;
    expect('distance' in y && y.distance.ticks % rulerMarks.in).toBe(0);
    expect(bird && words && (words.y1 <= bird.y0 || words.y0 >= bird.y1)).toBe(true);
  });

  it('is the middle where nothing is free, to be seen what it lies on', () => {
    const full = planOf([pieceOn('front', 'panel', measure('1', '1/4'))]);
    expect(freshPlace(full, library, hello, 'in')).toEqual(hello.place);
  });
});
