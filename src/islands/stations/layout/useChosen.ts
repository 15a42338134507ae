import { useState } from 'react';
import { isMark, type Placed } from '../../../core/resolve/outlineOf';
import type { PieceId } from '../../../core/plan/ids';
import { placedById } from '../../../core/resolve/resolvedCard';
import { holdsWords, type ResolvedMark } from '../../../core/resolve/resolvedMark';
import { useCardSession } from '../../session/CardSession';

/** What is selected on the table; the first leads. */
export interface Chosen {
  readonly ids: ReadonlySet<PieceId>;
  readonly things: readonly Placed[];
  readonly first: Placed | undefined;
  /** The first, where it is words. */
  readonly words: ResolvedMark | undefined;
  /** One of a group is moved without the others. */
  readonly isAlone: boolean;
  readonly choose: (ids: Iterable<PieceId>, isAlone?: boolean) => void;
}

/** Several things may be selected; the first of them is the one the address of the page names. */
export function useChosen(): Chosen {
  const { card, face, selected, select } = useCardSession();
  const [also, setAlso] = useState<ReadonlySet<PieceId>>(new Set());
  const [alone, setAlone] = useState<PieceId>();
  const lead = placedById(card, selected);
  const ids = new Set(lead ? [lead.id, ...also] : []);
  const things = [...ids]
    .flatMap((id) => placedById(card, id) ?? [])
    .filter((each) => each.face === face);
  const [first] = things;
  return {
    ids,
    things,
    first,
    words: first && isMark(first) && holdsWords(first) ? first : undefined,
    isAlone: first !== undefined && first.id === alone && things.length === 1,
    choose: (next, isAlone = false) => {
      const [leading, ...others] = next;
      setAlone(isAlone ? leading : undefined);
      setAlso(new Set(others));
      select(leading ?? 'base', face);
    },
  };
}
