import type { Ground } from '../../../core/composition/newArrangement';
import { freeGroup } from '../../../core/plan/pieceSets';
import type { FaceId } from '../../../core/plan/faces';
import type { Support } from '../../../core/plan/piece';
import type { Plan } from '../../../core/plan/plan';
import { isMark, type Placed } from '../../../core/resolve/outlineOf';
import type { SupportId } from '../../../core/resolve/origins';
import type { ResolvedCard } from '../../../core/resolve/resolvedCard';
import { newPieceId } from '../../parts/newPieceId';

/** New things go on the selected paper, on what a selected mark lies on, else on the foremost paper. */
export function newSupport(card: ResolvedCard, face: FaceId, first: Placed | undefined): Support {
  const on = first ? (isMark(first) ? first.support : first.id) : foremost(card, face);
  return on === 'base' ? { face } : { piece: on };
}

function foremost(card: ResolvedCard, face: FaceId): SupportId {
  return card.pieces.findLast((piece) => piece.face === face)?.id ?? 'base';
}

export function supportId(on: Support): SupportId {
  return 'piece' in on ? on.piece : 'base';
}

/** What many pieces are laid on at once, in a group of their own. */
export function newGround(plan: Plan, card: ResolvedCard, on: Support, name: string): Ground {
  const groups = plan.pieces.map(({ group }) => group);
  return {
    card,
    on,
    support: supportId(on),
    newId: newPieceId,
    group: freeGroup(groups, name),
  };
}
