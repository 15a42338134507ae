import { useEffect, useState } from 'react';
import { getJson } from '../wire/postJson';
import type { CardChoice } from './choiceRows';

export interface Choices {
  readonly cards: readonly CardChoice[];
  readonly isWhole: boolean;
  /** Why not all cards are there; empty while nothing is wrong. */
  readonly failure: string;
}

/** The cards the page came with, then all there are. */
export function useChoices(first: readonly CardChoice[], isWhole: boolean): Choices {
  const [state, setState] = useState<Choices>({ cards: first, isWhole, failure: '' });
  useEffect(() => {
    if (isWhole) return;
    let isWanted = true;
    void getJson('/api/ledge', 'ledge').then((reply) => {
      if (!isWanted) return;
      setState((now) =>
        reply.ok
          ? { cards: reply.body.cards, isWhole: true, failure: '' }
          : { ...now, failure: reply.message },
      );
    });
    return () => {
      isWanted = false;
    };
  }, [isWhole]);
  return state;
}
