import { useCallback, useRef, useState } from 'react';

/** Changes that are sent one after the other, as each is made on the one before. */
export interface InTurn {
  /** What could not be kept, and what to do; undefined while all is kept. */
  readonly failure: string | undefined;
  readonly isWaiting: boolean;
  /** Sends when all before is answered. @param send answers what is wrong; undefined where nothing is */
  readonly inTurn: (send: () => Promise<string | undefined>) => void;
}

export function useInTurn(): InTurn {
  const [failure, setFailure] = useState<string>();
  const [waiting, setWaiting] = useState(0);
  const queue = useRef<Promise<unknown>>(Promise.resolve());
  const inTurn = useCallback((send: () => Promise<string | undefined>) => {
    setWaiting((count) => count + 1);
    queue.current = queue.current.then(async () => {
      setFailure(await send());
      setWaiting((count) => count - 1);
    });
  }, []);
  return { failure, isWaiting: waiting > 0, inTurn };
}
