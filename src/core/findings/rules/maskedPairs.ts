import type { MaskPlan } from '../../masking/maskCard';
import type { PlannedMeeting } from '../../masking/planPaper';
import { distinctName } from '../../resolve/distinctNames';
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
      const behind = namedApart(card, meeting.behind.id);
      const front = namedApart(card, meeting.front.id);
      return behind && front ? [{ meeting, behind, front }] : [];
    }),
  );
}

/** A print by its id, called as it is told from others of its name: of four jars each is one that meets another. */
function namedApart(card: ResolvedCard, id: string): Placed | undefined {
  const placed = placedById(card, id);
  return placed && { ...placed, name: distinctName(card, id) };
}
