import { useEffect, useState } from 'react';
import type { ReplyOf } from '../../../core/replies/replies';
import { getJson } from '../../wire/postJson';

export type SharingCard = ReplyOf<'sharing'>['cards'][number];

export interface Sharing {
  /** Cards that share inks and the like; undefined while they are asked for. */
  readonly cards: readonly SharingCard[] | undefined;
  /** Why they could not be had. */
  readonly failure: string | undefined;
}

/** The other cards that could well be made together with one. */
export function useSharing(cardId: string): Sharing {
  const [state, setState] = useState<Sharing>({ cards: undefined, failure: undefined });
  useEffect(() => {
    let isGone = false;
    void getJson(`/api/cards/${cardId}/sharing`, 'sharing').then((reply) => {
      if (isGone) return;
      setState(
        reply.ok
          ? { cards: reply.body.cards, failure: undefined }
          : { cards: undefined, failure: reply.message },
      );
    });
    return () => {
      isGone = true;
    };
  }, [cardId]);
  return state;
}
