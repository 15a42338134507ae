import type { Ground } from '../../../core/composition/newArrangement';
import { freeGroup } from '../../../core/plan/pieceSets';
import type { Support } from '../../../core/plan/piece';
import type { Plan } from '../../../core/plan/plan';
import type { ResolvedCard } from '../../../core/resolve/resolvedCard';
import { supportIdOf } from '../../../core/resolve/supportIdOf';
import { newPieceId } from '../../parts/newPieceId';

/** What many pieces are laid on at once, in a group of their own. */
export function newGround(plan: Plan, card: ResolvedCard, on: Support, name: string): Ground {
  const groups = plan.pieces.map(({ group }) => group);
  return {
    card,
    on,
    support: supportIdOf(on),
    newId: newPieceId,
    group: freeGroup(groups, name),
  };
}
