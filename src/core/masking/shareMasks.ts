/** From the act a mask is laid on before to the act it is taken off after, by their places. */
export interface Covering {
  readonly id: string;
  /** Prints of one key are covered by the same mask. */
  readonly key: string;
  readonly from: number;
  readonly to: number;
}

/** One mask to be cut, and what it covers, one after the other. */
export interface SharedMask {
  readonly key: string;
  readonly covers: readonly string[];
}

/**
 * The masks to cut: one serves prints of the same stamp that are not covered at the same time. As few as are on at once
 * at some moment, which is what cannot be bettered in this order.
 */
export function shareMasks(coverings: readonly Covering[]): readonly SharedMask[] {
  const masks: { key: string; covers: string[]; until: number }[] = [];
  for (const { id, key, from, to } of coverings.toSorted((a, b) => a.from - b.from)) {
    const free = masks.find((mask) => mask.key === key && mask.until < from);
    if (free) {
      free.covers.push(id);
      free.until = to;
    } else masks.push({ key, covers: [id], until: to });
  }
  return masks.map(({ key, covers }) => ({ key, covers }));
}

/** How many of a mask are cut for so many cards, where it is laid on so often before it wears out. */
export function masksForCopies(copies: number, uses: number, maskUses: number): number {
  return Math.max(1, Math.ceil((copies * uses) / maskUses));
}
