import { describe, expect, it } from 'vitest';
import { demoCards } from '../../../test/support/demoCards';
import { library, measure, pieceOn, planOf } from '../../../test/support/plans';
import { inches, lengthFromTicks } from '../length/length';
import { centred } from '../plan/pieces';
import { resolvePlan } from '../resolve/resolvePlan';
import { edgeSection } from './edgeSection';

describe('the closed card cut through', () => {
  it('is just as thick as its layers reach, every card of the demo', () => {
    let lifted = 0;
    for (const { plan, library } of demoCards) {
      const card = resolvePlan(plan, library);
      const layers = edgeSection(card, plan.base.fold);
      expect(layers).toHaveLength(card.pieces.length + (plan.base.fold === 'flat' ? 1 : 2));
      const far = Math.max(...layers.map(({ box }) => box.x + box.width));
      // Marks stand up too, but are not cut through.
      expect(far).toBeLessThanOrEqual(card.thickness.closed);
      for (const { box, foam } of layers) {
        expect(box.x).toBeGreaterThanOrEqual(0);
        if (!foam) continue;
        lifted++;
        // The foam fills what is between its piece and what that lies on.
        expect([foam.x + foam.width, foam.x]).toContain(foam.x < box.x ? box.x : box.x + box.width);
      }
    }
    expect(lifted).toBeGreaterThan(10);
  });

  it('is cut through a piece as it lies, turned or not', () => {
    const cut = (turn: number) => {
      const place = { ...centred, turn };
      const plan = planOf([pieceOn('front', 'panel', measure('2', '4'), { place })]);
      return edgeSection(resolvePlan(plan, library), 'side').find(({ row }) => row === 'panel')
        ?.box;
    };
    expect(cut(0)).toMatchObject({ y: inches(0, 3, 4), height: inches(4) });
    expect(cut(90)).toMatchObject({ y: inches(1, 3, 4), height: inches(2) });
  });

  it('has foam only where a piece lies on something, not where it hangs below the foot', () => {
    const hanging = pieceOn('front', 'tag', measure('1', '2'), {
      place: {
        ...centred,
        y: { from: 'bottom', distance: { ticks: lengthFromTicks(-inches(0, 1, 2)) } },
        turn: 0,
      },
      attach: 'foam',
    });
    const card = resolvePlan(planOf([hanging]), library);
    const tag = edgeSection(card, 'side').find(({ row }) => row === 'tag');
    expect(tag?.box).toMatchObject({ y: inches(4), height: inches(2) });
    expect(tag?.foam).toMatchObject({ y: inches(4), height: inches(1, 1, 2) });
  });
});
