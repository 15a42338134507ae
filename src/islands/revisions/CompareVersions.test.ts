import { expect, it } from 'vitest';
import {
  library,
  measure,
  pieceOn,
  planOf,
  stampedOn,
  typed,
  wren,
} from '../../../test/support/plans';
import { resolvePlan } from '../../core/resolve/resolvePlan';
import { pieceFigures } from './CompareVersions';

it('paper is compared by its borders, an image by where a ruler puts it, others by why they have no figures', () => {
  const plan = planOf([
    pieceOn('front', 'panel', measure('4', '5')),
    pieceOn('front', 'spare', measure('1', '1'), { isOff: true }),
    stampedOn('panel', 'bird', wren, {
      x: { from: 'left', distance: typed('1/2') },
      y: { from: 'top', distance: typed('1') },
    }),
  ]);
  const version = { plan, card: resolvePlan(plan, library) };
  const figures = (id: string) => pieceFigures(version, id, 'in');
  expect(figures('panel')).toMatch(/^B 4 × 5, border sides 1⁄8, top\/bottom 1⁄4, \S/);
  expect(figures('bird')).toMatch(
    /^\S.* × .*, 1⁄2 \(.* mm\) from the left and 1 \(.* mm\) from the top of B$/,
  );
  expect(figures('spare')).toBe('turned off');
  expect(figures('nobody')).toBe('not there');
});
