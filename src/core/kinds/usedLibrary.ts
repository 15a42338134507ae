import { findItem, type Library } from '../plan/library';
import type { LibraryItem } from '../plan/libraryItem';
import type { Plan } from '../plan/plan';
import { itemsOf } from './kinds';

/** The library versions a plan refers to, each once, by id and then version. */
export function usedLibrary(plan: Plan, library: Library): readonly LibraryItem[] {
  const refs = [
    plan.base.stock,
    ...plan.pieces.flatMap(itemsOf),
    ...plan.uses.map(({ item }) => item),
  ];
  const items = new Map<string, LibraryItem>();
  for (const ref of refs) {
    const item = findItem(library, ref);
    if (item) items.set(`${item.id} ${item.version}`, item);
  }
  return [...items.values()].sort((a, b) =>
    a.id === b.id ? a.version - b.version : a.id < b.id ? -1 : 1,
  );
}
