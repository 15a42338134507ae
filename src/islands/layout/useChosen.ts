import { useState } from 'react';
import type { Placed } from '../../core/resolve/outlineOf';
import type { FaceId } from '../../core/plan/faces';
import type { PieceId } from '../../core/plan/ids';
import { type ResolvedCard, placedById } from '../../core/resolve/resolvedCard';
import type { SupportId } from '../../core/resolve/origins';

/** What is selected on the table; the first leads. */
export interface Chosen {
  readonly ids: ReadonlySet<PieceId>;
  readonly things: readonly Placed[];
  readonly first: Placed | undefined;
  readonly choose: (ids: Iterable<PieceId>) => void;
}

/** Several things may be selected; the first of them is the one the address of the page names. */
export function useChosen(
  card: ResolvedCard,
  face: FaceId,
  selected: SupportId,
  onSelect: (id: SupportId, face: FaceId) => void,
): Chosen {
  const [also, setAlso] = useState<ReadonlySet<PieceId>>(new Set());
  const lead = placedById(card, selected);
  const ids = new Set(lead ? [lead.id, ...also] : []);
  const things = [...ids]
    .flatMap((id) => placedById(card, id) ?? [])
    .filter((each) => each.face === face);
  return {
    ids,
    things,
    first: things[0],
    choose: (next) => {
      const [leading, ...others] = next;
      setAlso(new Set(others));
      onSelect(leading ?? 'base', face);
    },
  };
}
