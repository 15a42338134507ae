import type { SupportId } from './origins';

/** What lies on each piece or on the base, in its order; what lies on the base of any face is one group. */
export function groupBySupport<Placed extends { readonly support: SupportId }>(
  pieces: readonly Placed[],
): ReadonlyMap<SupportId, readonly Placed[]> {
  const groups = new Map<SupportId, Placed[]>();
  for (const piece of pieces) {
    const group = groups.get(piece.support);
    if (group) group.push(piece);
    else groups.set(piece.support, [piece]);
  }
  return groups;
}
