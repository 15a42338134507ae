import type { LibraryId } from '../plan/ids';
import type { Holding } from './holding';
import { holdingOf } from './holdings';

/** Whether a thing is there to be used: not gone, and not counted down to nothing. */
export function isHolding(holdings: readonly Holding[], id: LibraryId): boolean {
  const { isGone, count } = holdingOf(holdings, id);
  return !isGone && count !== 0;
}
