import { asTyped } from '../../length/typedLength';
import { leastInset, usualInset } from '../../tolerances';
import { deed } from '../remedy';
import { cardSubject } from '../subject';
import type { Rule } from '../finding';

/** Masks cut so near to the line that they lie beyond it in places, where a pale rim is left round the image. */
export const maskHalo: Rule = {
  id: 'mask-halo',
  find: ({ plan, card, results }) => {
    const inset = plan.habits.maskInset.ticks;
    if (inset >= leastInset || (results.masks?.masks.length ?? 0) === 0) return [];
    return [
      {
        severity: 'look',
        subject: cardSubject(card),
        data: { rule: 'mask-halo', inset },
        remedies: [
          deed('inside-line', {
            kind: 'set-habits',
            change: { maskInset: asTyped(usualInset) },
          }),
        ],
      },
    ];
  },
};
