import { useEffect, useRef, useState } from 'react';
import type { Stock } from '../../core/plan/libraryItem';
import { fetchStash } from '../wire/fetchStash';

/**
 * The stocks a card can be made of, fetched when they are first wanted; undefined until they come.
 * @param onFailed is told why they do not
 */
export function useStocks(
  isWanted: boolean,
  onFailed: (sentence: string) => void,
): readonly Stock[] | undefined {
  const [stocks, setStocks] = useState<readonly Stock[]>();
  const latestFailed = useRef(onFailed);
  useEffect(() => {
    latestFailed.current = onFailed;
  });
  useEffect(() => {
    if (!isWanted) return;
    fetchStash(['stock']).then(
      ({ items }) => setStocks(items.filter((item) => item.kind === 'stock')),
      (error: unknown) => latestFailed.current(error instanceof Error ? error.message : ''),
    );
  }, [isWanted]);
  return stocks;
}
