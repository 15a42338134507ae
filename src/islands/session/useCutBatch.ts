import { useCallback, useState } from 'react';
import type { CutBatch } from '../../core/cutting/cutBatch';
import type { Holding } from '../../core/stash/holding';
import type { Taking } from '../../core/stash/taking';
import { postJson } from '../wire/postJson';
import { useInTurn } from './useInTurn';

export interface CutBatchState {
  readonly batch: CutBatch | null;
  /** What could not be kept, and what to do; undefined while all is kept. */
  readonly failure: string | undefined;
  readonly isKeeping: boolean;
  /** Shows the batch at once and keeps it; null gives it up. */
  readonly keep: (next: CutBatch | null) => void;
  /** Takes out of the stash; null gives back. */
  readonly take: (takings: readonly Taking[] | null) => void;
}

/** A mark made as one leaves the page is kept all the same. */
const kept = { outlivesPage: true };

/** The accepted cut plan of a card, kept on the server one change after the other. */
export function useCutBatch(
  cardId: string,
  start: CutBatch | null,
  changeHoldings: (changed: readonly Holding[]) => void,
): CutBatchState {
  const [batch, setBatch] = useState(start);
  const { failure, isWaiting, inTurn } = useInTurn();
  const keep = useCallback(
    (next: CutBatch | null) => {
      setBatch(next);
      inTurn(async () => {
        const reply = await postJson(`/api/cards/${cardId}/batch`, { batch: next }, 'done', kept);
        if (reply.ok) return undefined;
        // A plan that could not be given up is still there, as the work on it is.
        if (next === null) setBatch((now) => now ?? batch);
        return next === null ? reply.message : `The marks are not saved. ${reply.message}`;
      });
    },
    [cardId, inTurn, batch],
  );
  const take = useCallback(
    (takings: readonly Taking[] | null) =>
      inTurn(async () => {
        const reply = await postJson(`/api/cards/${cardId}/taking`, { takings }, 'taking', kept);
        if (!reply.ok) return reply.message;
        const { batch: after, holdings: changed } = reply.body;
        // Marks made meanwhile stand; only what was taken is news.
        setBatch((now) => (now ? { ...now, taken: after.taken } : after));
        changeHoldings(changed);
        return undefined;
      }),
    [cardId, inTurn, changeHoldings],
  );
  return { batch, failure, isKeeping: isWaiting, keep, take };
}
