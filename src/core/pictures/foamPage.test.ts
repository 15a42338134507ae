import { describe, expect, it } from 'vitest';
import { library, measure, pieceOn, planOf } from '../../../test/support/plans';
import { foamOutlines } from './foamOutlines';
import { foamPage } from './foamPage';
import { writeSvg } from '../drawing/writeSvg';
import { inches, lengthFromTicks, millimetres } from '../length/length';
import { boundsOf } from '../outline/outline';
import { resolvePlan } from '../resolve/resolvePlan';
import { at, panel, stamp, stencil } from '../../../test/support/shapes';

if (!stamp || !stencil) throw new Error('expected a stamp and a stencil');

describe('foam sheets', () => {
  const plan = planOf([
    panel,
    pieceOn('panel', 'lifted', measure('2', '3'), { attach: 'foam-sheet' }),
    pieceOn('panel', 'thin', measure('3', '1/16'), { attach: 'foam-sheet', place: at('0', '0') }),
    pieceOn('panel', 'flat', measure('1', '1')),
  ]);
  const foams = foamOutlines(plan, resolvePlan(plan, library));

  it('are smaller than their piece by the habit on every side, and none where nothing is left', () => {
    expect(foams.map(({ id }) => id)).toEqual(['lifted', 'thin']);
    const { x0, x1, y0, y1 } = boundsOf(foams[0]?.outline ?? []);
    expect([x1 - x0, y1 - y0]).toEqual([inches(1, 7, 8), inches(2, 7, 8)]);
    expect(foams[1]?.outline).toEqual([]);
  });

  it('are written at 1:1 in millimetres', () => {
    const svg = writeSvg(foamPage(foams, 'Rain & shine'));
    const [, path = ''] = /<path d="([^"]+)"/.exec(svg) ?? [];
    const across = [...path.matchAll(/[ML]([\d.]+) ([\d.]+)/g)].map(([, x]) => Number(x));
    expect(Math.max(...across) - Math.min(...across)).toBeCloseTo(47.625, 3);
    expect(svg).toContain('Rain &amp; shine');
    expect(svg.match(/<path/g)).toHaveLength(1);
    expect(millimetres(47.625)).toBe(lengthFromTicks(inches(1, 7, 8)));
  });
});
