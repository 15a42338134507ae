import { useState } from 'react';

const storageKey = 'nibwright-bench';

/** Whether one works at the bench on a card; a reload of the tab leaves one there. */
export function useAtBench(cardId: string): readonly [boolean, (isThere: boolean) => void] {
  const [isAtBench, setAtBench] = useState(() => sessionStorage.getItem(storageKey) === cardId);
  const change = (isThere: boolean) => {
    if (isThere) sessionStorage.setItem(storageKey, cardId);
    else sessionStorage.removeItem(storageKey);
    setAtBench(isThere);
  };
  return [isAtBench, change];
}
