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
    expect(bird && words && (words.y1 <= bird.y0 || words.y0 >= bird.y1)).toBe(true);
  });

  it.each(['in', 'mm'] as const)(
    'is on a mark of the ruler in %s where it is on no line',
    (unit) => {
      const distances = ['4', '4 1/4', '4 3/8', '4 1/2'].flatMap((height) => {
        const low = pieceOn('front', 'panel', measure('3 3/4', height));
        const { y } = freshPlace(
          planOf([low, stampedOn('panel', 'bird', wren)]),
          library,
          hello,
          unit,
        );
        return 'distance' in y ? [y.distance.ticks] : [];
      });
      expect(distances.length).toBeGreaterThan(0);
      for (const ticks of distances) expect(ticks % rulerMarks[unit]).toBe(0);
    },
  );

  it('is the middle where nothing is free, to be seen what it lies on', () => {
    const full = planOf([pieceOn('front', 'panel', measure('1', '1/4'))]);
    expect(freshPlace(full, library, hello, 'in')).toEqual(hello.place);
  });
});
