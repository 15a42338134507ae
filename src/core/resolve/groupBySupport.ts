import { groupBy } from '../groupBy';
import type { SupportId } from './origins';

/** What lies on each piece or on the base, in its order; what lies on the base of any face is one group. */
export function groupBySupport<Placed extends { readonly support: SupportId }>(
  pieces: readonly Placed[],
): ReadonlyMap<SupportId, readonly Placed[]> {
  return groupBy(pieces, ({ support }) => support);
}
