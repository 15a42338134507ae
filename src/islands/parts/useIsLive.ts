import { useEffect, useState } from 'react';

/**
 * False until the page's script has taken over from what the server sent and listens to keys and
 * pointers; until then the page says itself busy.
 */
export function useIsLive(): boolean {
  const [isLive, setLive] = useState(false);
  useEffect(() => setLive(true), []);
  return isLive;
}
