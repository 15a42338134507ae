import { useCallback, useState } from 'react';
import type { WorkBatch } from '../../core/process/workBatch';
import { postJson } from '../wire/postJson';
import { useInTurn } from './useInTurn';

export interface WorkState {
  /** What is done of the copies; null where no work was begun. */
  readonly work: WorkBatch | null;
  /** What could not be kept, and what to do; undefined while all is kept. */
  readonly failure: string | undefined;
  /** Shows it at once and keeps it; null lets it go. */
  readonly keep: (next: WorkBatch | null) => void;
}

/** A tick made as one leaves the page is kept all the same. */
const kept = { outlivesPage: true };

/** The work on a card, kept on the server one change after the other. */
export function useWork(cardId: string, start: WorkBatch | null): WorkState {
  const [work, setWork] = useState(start);
  const { failure, inTurn } = useInTurn();
  const keep = useCallback(
    (next: WorkBatch | null) => {
      setWork(next);
      inTurn(async () => {
        const reply = await postJson(`/api/cards/${cardId}/work`, { work: next }, 'done', kept);
        return reply.ok ? undefined : `The ticks are not saved. ${reply.message}`;
      });
    },
    [cardId, inTurn],
  );
  return { work, failure, keep };
}
