import { useMemo, useState } from 'react';
import type { Act } from '../../../core/acts/act';
import { useKeys } from '../../parts/useKeys';

/** Where one is in the work on a paper. */
export interface Walk {
  /** So many acts are done. */
  readonly done: number;
  readonly go: (done: number) => void;
}

/**
 * Walks the acts of a paper by the arrows: the act one is at is kept by its id, so that one stays there when others change.
 * It begins where the first mask lies on.
 */
export function useActs(acts: readonly Act[]): Walk {
  const [at, setAt] = useState<string>();
  const done = useMemo(() => {
    const found = acts.findIndex(({ id }) => id === at);
    if (found !== -1) return found + 1;
    const first = acts.findIndex(({ kind }) => kind === 'mask');
    return first === -1 ? acts.length : first + 1;
  }, [acts, at]);
  const go = (next: number) => setAt(acts[Math.max(0, Math.min(acts.length, next) - 1)]?.id);
  const step = (next: number) => {
    if (next < 1 || next > acts.length) return false;
    go(next);
    return true;
  };
  useKeys({
    ArrowRight: () => step(done + 1),
    ArrowLeft: () => step(done - 1),
    Home: () => step(1),
    End: () => step(acts.length),
  });
  return { done, go };
}
