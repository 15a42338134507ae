import { build } from '../build';

/**
 * What a standing card depends on: the code that computes it, its revision, and the newest version of each item it uses,
 * since it tells where there is a newer one.
 */
export function standingKey(
  revision: number,
  items: readonly string[],
  newest: ReadonlyMap<string, number>,
): string {
  return [build, revision, ...items.map((id) => `${id}:${newest.get(id) ?? 'none'}`)].join(' ');
}

/** The ids of all items a kept plan refers to, by what a reference looks like; sorted. */
export function itemIdsIn(document: unknown): readonly string[] {
  const ids = new Set<string>();
  const look = (value: unknown): void => {
    if (typeof value !== 'object' || value === null) return;
    const { id, version } = value as { readonly id?: unknown; readonly version?: unknown };
    if (typeof id === 'string' && typeof version === 'number') ids.add(id);
    for (const each of Object.values(value)) look(each);
  };
  look(document);
  return [...ids].sort();
}
