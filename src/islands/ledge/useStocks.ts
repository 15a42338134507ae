import { useCallback, useEffect, useRef, useState } from 'react';
import type { Stock } from '../../core/plan/libraryItem';
import { fetchStash } from '../wire/fetchStash';

export interface Stocks {
  /** Undefined until they come. */
  readonly known: readonly Stock[] | undefined;
  /** The stocks as soon as they are there. @throws Error with the sentence of why they do not come */
  readonly wait: () => Promise<readonly Stock[]>;
}

/** The stocks a card can be made of, fetched when they are first wanted. */
export function useStocks(isWanted: boolean): Stocks {
  const [known, setKnown] = useState<readonly Stock[]>();
  const coming = useRef<Promise<readonly Stock[]>>(undefined);
  const wait = useCallback(() => {
    coming.current ??= fetchStash(['stock']).then(
      ({ items }) => items.filter((item) => item.kind === 'stock'),
      (error: unknown) => {
        coming.current = undefined;
        throw error;
      },
    );
    return coming.current;
  }, []);
  useEffect(() => {
    // Why they do not come is told when somebody makes a card.
    if (isWanted) wait().then(setKnown, () => undefined);
  }, [isWanted, wait]);
  return { known, wait };
}
