import { useEffect, useState } from 'react';
import type { CardFile } from '../../../core/plan/cardFile';
import type { ReplyOf } from '../../../core/replies/replies';
import { fetchCardFile } from '../../wire/fetchCardFile';
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

/** A card's file, or that it could not be read; undefined while it is on its way, and where none is asked for. */
export function useCardFile(id: string | undefined): CardFile | 'failed' | undefined {
  const [read, setRead] = useState<{ readonly id: string; readonly file: CardFile | 'failed' }>();
  useEffect(() => {
    if (id === undefined) return undefined;
    let isGone = false;
    void fetchCardFile(id).then((file) => {
      if (!isGone) setRead({ id, file: file ?? 'failed' });
    });
    return () => {
      isGone = true;
    };
  }, [id]);
  return read?.id === id ? read?.file : undefined;
}
