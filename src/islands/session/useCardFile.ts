import { useEffect, useState } from 'react';
import type { CardFile } from '../../core/plan/cardFile';
import { fetchCardFile } from '../wire/fetchCardFile';

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
