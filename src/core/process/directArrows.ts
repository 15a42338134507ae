import type { Arrow } from './arrow';
import { arrowsFrom } from './circles';

/** The arrows that no way of others tells as well: what comes right before what. Arrows that wait are all told. */
export function directArrows<Each extends Pick<Arrow, 'before' | 'then' | 'wait'>>(
  arrows: readonly Each[],
): readonly Each[] {
  const from = arrowsFrom(arrows);
  const reached = new Map<string, ReadonlySet<string>>();
  const reach = (start: string): ReadonlySet<string> => {
    const known = reached.get(start);
    if (known) return known;
    const all = new Set<string>();
    for (const { then } of from.get(start) ?? []) {
      all.add(then);
      for (const each of reach(then)) all.add(each);
    }
    reached.set(start, all);
    return all;
  };
  return arrows.filter(
    ({ before, then, wait }) =>
      wait === 'dry' ||
      !(from.get(before) ?? []).some((other) => other.then !== then && reach(other.then).has(then)),
  );
}
