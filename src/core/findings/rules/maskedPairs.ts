import type { MaskPlan } from '../../masking/maskCard';
import type { PlannedMeeting } from '../../masking/planPaper';
import { placedById, type ResolvedCard } from '../../resolve/resolvedCard';
import type { Placed } from '../../resolve/outlineOf';

export interface MaskedPair {
  readonly meeting: PlannedMeeting;
  readonly behind: Placed;
  readonly front: Placed;
}

/** Every two prints that meet, with what they are on the card; those that are gone by now are left out. */
export function maskedPairs(
  card: ResolvedCard,
  masks: MaskPlan | undefined,
): readonly MaskedPair[] {
  return (masks?.papers ?? []).flatMap(({ meetings }) =>
    meetings.flatMap((meeting): readonly MaskedPair[] => {
      const behind = placedById(card, meeting.behind.id);
      const front = placedById(card, meeting.front.id);
      return behind && front ? [{ meeting, behind, front }] : [];
    }),
  );
}
