import type { z } from 'zod';
import type { acceptedSchema } from './plan';

/** A set has no order of its own, so one is set: by rule, then piece, the base first. */
export function sortAccepted<Item extends z.output<typeof acceptedSchema>>(
  accepted: readonly Item[],
): Item[] {
  const key = ({ rule, pieceId }: Item) => `${rule} ${pieceId ?? ''}`;
  return accepted.toSorted((a, b) => (key(a) < key(b) ? -1 : key(a) > key(b) ? 1 : 0));
}

/** Uses have no order of their own, so one is set. */
export function sortUses<Item extends { readonly id: string }>(uses: readonly Item[]): Item[] {
  return uses.toSorted((a, b) => (a.id < b.id ? -1 : a.id > b.id ? 1 : 0));
}
