import { describe, expect, it } from 'vitest';
import { demoCards } from '../../../test/support/demoCards';
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
});
