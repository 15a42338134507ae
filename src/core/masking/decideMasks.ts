import { batchEdits } from '../plan/batchEdits';
import { decideOverlap } from '../plan/decideOverlap';
import type { Edit } from '../plan/edit';
import type { PieceId } from '../plan/ids';
import type { Plan } from '../plan/plan';
import type { MaskPlan } from './maskCard';

/** The edit that decides of two prints. @param first null where they may cross, undefined to leave it to their places */
export function decideEdit(
  plan: Plan,
  a: string,
  b: string,
  first: string | null | undefined,
): Edit {
  return batchEdits(
    decideOverlap(plan, a as PieceId, b as PieceId, first as PieceId | null | undefined),
  );
}

/** The edit that takes the fewest masks: of two that meet and of which either may be first, one that is covered anyway. */
export function fewestEdit(plan: Plan, masks: MaskPlan): Edit {
  return batchEdits(
    masks.papers.flatMap(({ meetings, fewest }) => {
      const covered = new Set(fewest.ids);
      return meetings.flatMap(({ relation }) => {
        if (!relation?.isCovered || !relation.isFree || covered.has(relation.first.id)) return [];
        const { first, then } = relation;
        return decideOverlap(plan, first.id as PieceId, then.id as PieceId, then.id as PieceId);
      });
    }),
  );
}

/** The edit that makes a print before or after others, whatever is in front: it is decided of each of them. */
export function reorderEdit(
  plan: Plan,
  moved: string,
  passed: readonly string[],
  isEarlier: boolean,
): Edit {
  return batchEdits(
    passed.flatMap((other) =>
      decideOverlap(
        plan,
        moved as PieceId,
        other as PieceId,
        (isEarlier ? moved : other) as PieceId,
      ),
    ),
  );
}
