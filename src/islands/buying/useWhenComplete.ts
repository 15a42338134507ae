import { useEffect, useRef, useState } from 'react';

/**
 * Does what is asked for once something is complete: at once where it is, else as soon as it becomes so. The last wish
 * counts.
 */
export function useWhenComplete<Wish extends string>(
  isComplete: boolean,
  does: Readonly<Record<Wish, () => void>>,
): { readonly wanted: Wish | undefined; readonly want: (wish: Wish) => void } {
  const [wanted, setWanted] = useState<Wish>();
  const latest = useRef(does);
  useEffect(() => {
    latest.current = does;
  });
  useEffect(() => {
    if (!isComplete || wanted === undefined) return;
    setWanted(undefined);
    latest.current[wanted]();
  }, [isComplete, wanted]);
  return { wanted, want: setWanted };
}
