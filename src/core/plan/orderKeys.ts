import { generateKeyBetween, generateNKeysBetween } from 'fractional-indexing';

/** What a list is sorted by: between any two keys there is room for more, so that nothing else need move. */
export type OrderKey = string & { readonly __brand: 'OrderKey' };

/** Whether a text is a key between which and others keys can be made. */
export function isOrderKey(text: string): text is OrderKey {
  if (!/^[0-9A-Za-z]+$/.test(text)) return false;
  try {
    generateKeyBetween(text, null);
    return true;
  } catch {
    return false;
  }
}

/**
 * So many keys in order between two others.
 * @param before left out for the beginning of the list, `after` for its end
 * @throws Error where `before` does not come before `after`
 */
export function keysBetween(
  before: OrderKey | undefined,
  after: OrderKey | undefined,
  count: number,
): readonly OrderKey[] {
  if (before !== undefined && after !== undefined && before >= after)
    throw new RangeError(`keysBetween: expected ${before} before ${after}`);
  return generateNKeysBetween(before ?? null, after ?? null, count) as unknown as OrderKey[];
}

/** The things of a list with keys dealt evenly, in the order they come in; keys they had are left behind. */
export function dealKeys<Thing extends object>(
  things: readonly Thing[],
): readonly (Thing & { readonly order: OrderKey })[] {
  const keys = keysBetween(undefined, undefined, things.length);
  return things.map((thing, at) => ({ ...thing, order: keys[at] as OrderKey }));
}

/** A thing as it is outside a plan, where it has no place among others. */
export function withoutKey<Thing extends object>(thing: Thing): Omit<Thing, 'order'> {
  const rest: Thing & { order?: unknown } = { ...thing };
  delete rest.order;
  return rest;
}

/** By key; things whose keys are equal, as when two people put something in the same place, by id. */
export function compareOrder(a: Sorted, b: Sorted): number {
  if (a.order !== b.order) return a.order < b.order ? -1 : 1;
  return a.id < b.id ? -1 : a.id > b.id ? 1 : 0;
}

interface Sorted {
  readonly id: string;
  readonly order: string;
}
