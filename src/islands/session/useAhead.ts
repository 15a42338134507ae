import { useCallback, useRef, useState } from 'react';
import type { Ahead } from '../../core/process/ahead';
import { postJson } from '../wire/postJson';

export interface AheadState {
  /** What is made ahead of the card and lies in the stash. */
  readonly ahead: readonly Ahead[];
  /** What could not be kept, and what to do; undefined while all is kept. */
  readonly failure: string | undefined;
  /** Shows it at once and keeps it; no copies take it out. */
  readonly keep: (next: Omit<Ahead, 'count'>, count: number) => void;
}

/** What is made ahead of a card, kept on the server one change after the other. */
export function useAhead(cardId: string, start: readonly Ahead[]): AheadState {
  const [ahead, setAhead] = useState(start);
  const [failure, setFailure] = useState<string>();
  const queue = useRef<Promise<unknown>>(Promise.resolve());
  const keep = useCallback(
    ({ step, name }: Omit<Ahead, 'count'>, count: number) => {
      setAhead((before) => {
        const others = before.filter((each) => each.step !== step);
        return count > 0 ? [...others, { step, name, count }] : others;
      });
      queue.current = queue.current.then(async () => {
        const body = { step, ahead: count > 0 ? { name, count } : null };
        const reply = await postJson(`/api/cards/${cardId}/ahead`, body, 'ahead');
        setFailure(
          reply.ok ? undefined : `What is made ahead is not kept in the stash. ${reply.message}`,
        );
      });
    },
    [cardId],
  );
  return { ahead, failure, keep };
}
