import { isPaper } from '../../../core/plan/pieces';
import type { Plan } from '../../../core/plan/plan';
import { supportIdOf } from '../../../core/resolve/supportIdOf';
import type { SupportId } from '../../../core/resolve/origins';

/** The paper that is selected, or that a selected mark lies on. */
export function paperUnder(plan: Plan, selected: SupportId): SupportId {
  const piece = plan.pieces.find(({ id }) => id === selected);
  if (!piece) return 'base';
  if (isPaper(piece)) return piece.id;
  return supportIdOf(piece.on);
}
