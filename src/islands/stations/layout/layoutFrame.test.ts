import { describe, expect, it } from 'vitest';
import { library, planOf } from '../../../../test/support/plans';
import type { Base } from '../../../core/plan/plan';
import { resolvePlan } from '../../../core/resolve/resolvePlan';
import { layoutFrame } from './layoutFrame';
import { wholeView } from './useView';

const room = { width: 780, height: 650 };
const frameOf = (format: Base['format'], view = wholeView) =>
  layoutFrame(resolvePlan(planOf([], { format }), library), 'side', room, view);

describe('the frame of the Layout drawing', () => {
  it.each([
    ['an upright card', { kind: 'named', id: 'a2', stand: 'upright' }, 'beside'],
    ['a square card', { kind: 'named', id: 'square-5', stand: 'upright' }, 'beside'],
    ['a long lying card', { kind: 'named', id: 'slimline', stand: 'lying' }, 'below'],
  ] as const)('holds all of %s and its edge view', (_, format, edgeIs) => {
    const { face, edge, edgeIs: is } = frameOf(format);
    expect(is).toBe(edgeIs);
    for (const box of [face, edge]) {
      expect(box.x).toBeGreaterThanOrEqual(0);
      expect(box.x + box.width).toBeLessThanOrEqual(room.width);
      expect(box.y + box.height).toBeLessThanOrEqual(room.height);
    }
    const isApart = is === 'below' ? edge.y > face.y + face.height : edge.x > face.x + face.width;
    expect(isApart).toBe(true);
  });

  it('draws a face looked at closer larger, and shifted', () => {
    const format = { kind: 'named', id: 'a2', stand: 'upright' } as const;
    const whole = frameOf(format);
    const close = frameOf(format, { closer: 2, x: -100, y: 30 });
    expect(close.face.width).toBeCloseTo(2 * whole.face.width);
    expect(close.face.x).toBe(whole.face.x - 100);
    expect(close.face.y).toBe(whole.face.y + 30);
    expect(close.fitted).toBe(whole.fitted);
  });
});
