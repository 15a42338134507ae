import { arrow, type Arrow, type StepRule } from '../arrow';
import { laidWet } from '../steps/blendedOver';

/**
 * Powder sticks to all that is not dry: what is embossed on a ground waits until that is, or is embossed first, blended
 * over and wiped. Some emboss the same evening, so it is worth a look and no stop.
 */
export const embossOnDry: StepRule = {
  id: 'emboss-on-dry',
  weight: 'look',
  arrows: (steps) => [
    ...steps.blendedOver.flatMap(({ print, ground, wipe }): readonly Arrow[] => {
      const [melted, laid] = [steps.ofAct.get(print), steps.ofAct.get(ground)];
      if (!melted || !laid) return [];
      return [
        { before: melted.last, then: laid.first, because: 'melted-first', wait: 'dry' },
        { before: laid.last, then: wipe, because: 'wiped-clean', wait: 'touch' },
      ];
    }),
    ...steps.input.papers.flatMap(({ acts }) =>
      acts.flatMap((act) => {
        const own = steps.ofAct.get(act.id);
        const first = own && steps.byId.get(own.first);
        if (first?.kind !== 'anti-static') return [];
        return act.after.flatMap(({ act: ground }) => {
          const laid = steps.byId.get(steps.ofAct.get(ground)?.last ?? '');
          const isTurned = steps.blendedOver.some(
            (each) => each.print === act.id && each.ground === ground,
          );
          return laid && !isTurned && laidWet.includes(laid.kind)
            ? [arrow(laid, first, 'powder-on-dry', 'dry')]
            : [];
        });
      }),
    ),
  ],
};
