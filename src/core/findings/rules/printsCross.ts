import { meets } from '../../outline/distance';
import { batchEdits } from '../../plan/batchEdits';
import { decideOverlap } from '../../plan/decideOverlap';
import { outlineOf } from '../../resolve/outlineOf';
import { placedById } from '../../resolve/resolvedCard';
import { findOnPair, type Rule } from '../finding';
import { leastMove } from '../moveRemedy';
import { deed } from '../remedy';
import { maskedPairs } from './maskedPairs';

/** Prints that cross where neither can be covered, since both are too spindly there. */
export const printsCross: Rule = {
  id: 'prints-cross',
  find: (input) =>
    maskedPairs(input.card, input.results.masks).flatMap(({ meeting, behind, front }) => {
      if (!meeting.isBare) return [];
      return [
        findOnPair(
          front,
          behind,
          'look',
          { rule: 'prints-cross', other: behind.name, area: meeting.area },
          () => {
            const move = leastMove(input, front, (card) => {
              const other = placedById(card, behind.id);
              const own = placedById(card, front.id);
              return !own || !other || !meets(outlineOf(own), outlineOf(other));
            });
            const cross = batchEdits(decideOverlap(input.plan, behind.id, front.id, null));
            return [...(move ? [move] : []), deed('let-cross', cross)];
          },
        ),
      ];
    }),
};
