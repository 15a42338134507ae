import { useCallback, useEffect, useRef, useState } from 'react';
import type { CardText } from '../../core/compute/standingCard';
import { getJson } from '../wire/postJson';

type Texts = Readonly<Record<string, CardText>>;

/**
 * What cards are found by: fetched with the first search, since nothing else needs it.
 * @param start of the cards the page came with, where its address asks for some
 * @param onFailed is told why there are none
 */
export function useCardTexts(
  start: Texts | null,
  isWanted: boolean,
  onFailed: (sentence: string) => void,
): (id: string) => CardText | undefined {
  const [texts, setTexts] = useState<Texts>(start ?? {});
  const isAsked = useRef(false);
  const latestFailed = useRef(onFailed);
  useEffect(() => {
    latestFailed.current = onFailed;
  });
  useEffect(() => {
    if (!isWanted || isAsked.current) return;
    isAsked.current = true;
    void getJson('/api/ledge/texts', 'cardTexts').then((reply) => {
      if (reply.ok) return setTexts(reply.body.texts);
      isAsked.current = false;
      latestFailed.current(`Only titles are looked through. ${reply.message}`);
    });
  }, [isWanted]);
  return useCallback((id) => texts[id], [texts]);
}
