import { useState } from 'react';
import type { StandingCard } from '../../core/compute/standingCard';
import type { Release } from '../../core/plan/cardFile';
import { FormDialog } from '../parts/FormDialog';
import { ReleaseSelect } from '../parts/ReleaseSelect';

interface Props {
  readonly card: StandingCard;
  readonly releases: readonly Release[];
  readonly onMove: (releaseId: string | null) => void;
  readonly onClose: () => void;
}

/** Moves a card to the ledge of another release. */
export function MoveDialog({ card, releases, onMove, onClose }: Props) {
  const [releaseId, setReleaseId] = useState(card.releaseId ?? '');
  return (
    <FormDialog
      title={`Move “${card.title}”`}
      action="Move the card"
      onSubmit={async () => {
        onMove(releaseId || null);
        onClose();
        return undefined;
      }}
      onClose={onClose}
    >
      <label htmlFor="move-to">To the release</label>
      <ReleaseSelect id="move-to" releases={releases} value={releaseId} onChange={setReleaseId} />
    </FormDialog>
  );
}
