/** Things by a key of theirs, keys and things in the order they come; one without a key is in no group. */
export function groupBy<Key, Thing>(
  things: readonly Thing[],
  keyOf: (thing: Thing) => Key | undefined,
): ReadonlyMap<Key, readonly Thing[]> {
  const groups = new Map<Key, Thing[]>();
  for (const thing of things) {
    const key = keyOf(thing);
    if (key === undefined) continue;
    const group = groups.get(key);
    if (group) group.push(thing);
    else groups.set(key, [thing]);
  }
  return groups;
}
