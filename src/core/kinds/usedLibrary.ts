import { envelopeItem } from '../plan/envelopeItems';
import { findItem, type Library } from '../plan/library';
import type { LibraryItem, LibraryRef } from '../plan/libraryItem';
import type { Plan } from '../plan/plan';
import { itemsOf } from './kinds';
import { combinationItems } from './sourceItems';

/** What a plan refers to, as often as it does. */
export function itemRefs(plan: Plan): readonly LibraryRef[] {
  return [
    plan.base.stock,
    ...plan.pieces.flatMap(itemsOf),
    ...plan.uses.map(({ item }) => item),
    ...[envelopeItem(plan.post.envelope)].flatMap((ref) => ref ?? []),
    ...plan.combinations.flatMap((each) => [
      ...combinationItems(each),
      ...(each.kept ? [each.kept] : []),
    ]),
  ];
}

/** The library versions a plan refers to, each once, by id and then version. */
export function usedLibrary(plan: Plan, library: Library): readonly LibraryItem[] {
  const items = new Map<string, LibraryItem>();
  for (const ref of itemRefs(plan)) {
    const item = findItem(library, ref);
    if (item) items.set(`${item.id} ${item.version}`, item);
    if (item?.kind !== 'combination') continue;
    for (const part of combinationItems(item)) {
      const medium = findItem(library, part);
      if (medium) items.set(`${medium.id} ${medium.version}`, medium);
    }
  }
  return [...items.values()].sort((a, b) =>
    a.id === b.id ? a.version - b.version : a.id < b.id ? -1 : 1,
  );
}
