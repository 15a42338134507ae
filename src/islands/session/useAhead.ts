import { useCallback, useState } from 'react';
import type { Ahead } from '../../core/process/ahead';
import { postJson } from '../wire/postJson';
import { useInTurn } from './useInTurn';

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
  const { failure, inTurn } = useInTurn();
  const keep = useCallback(
    ({ step, name }: Omit<Ahead, 'count'>, count: number) => {
      setAhead((before) => {
        const others = before.filter((each) => each.step !== step);
        return count > 0 ? [...others, { step, name, count }] : others;
      });
      inTurn(async () => {
        const body = { step, ahead: count > 0 ? { name, count } : null };
        const reply = await postJson(`/api/cards/${cardId}/ahead`, body, 'ahead');
        return reply.ok ? undefined : `What is made ahead is not kept. ${reply.message}`;
      });
    },
    [cardId, inTurn],
  );
  return { ahead, failure, keep };
}
