import { batchEdits } from '../../plan/batchEdits';
import { overlapId } from '../../plan/collections';
import type { PieceId } from '../../plan/ids';
import { distinctName } from '../../resolve/distinctNames';
import { placedById } from '../../resolve/resolvedCard';
import { findOn, type Rule } from '../finding';
import { deed } from '../remedy';

/** Prints of which each has to be stamped before the next, and the last before the first. */
export const orderCircle: Rule = {
  id: 'order-circle',
  find: ({ plan, card, results }) =>
    (results.masks?.papers ?? []).flatMap(({ circles }) =>
      circles.flatMap((circle) => {
        const things = circle.flatMap(({ id }) => placedById(card, id) ?? []);
        const [first] = things;
        if (!first) return [];
        const ids = new Set<PieceId>(things.map(({ id }) => id));
        const decided = plan.overlaps.filter(({ between }) => between.every((id) => ids.has(id)));
        const undo = batchEdits(
          decided.map((each) => ({ kind: 'remove', in: 'overlaps', id: overlapId(each) })),
        );
        return [
          findOn(
            first,
            'stop',
            { rule: 'order-circle', names: things.map(({ id }) => distinctName(card, id)) },
            decided.length > 0 ? [deed('as-placed', undo)] : [],
          ),
        ];
      }),
    ),
};
