import type { LibraryItem, LibraryRef } from './libraryItem';
import { findItem, type Library } from './library';
import type { Piece, SizeRule } from './piece';
import type { Plan } from './plan';

/** What of the library a piece refers to. */
export function itemsOf(piece: Piece): readonly LibraryRef[] {
  switch (piece.kind) {
    case 'panel':
      return [piece.stock, ...itemsOfSize(piece.size)];
    case 'image':
      return [piece.stamp];
    case 'stencil':
      return [piece.stencil];
    case 'dot':
      return piece.item ? [piece.item] : [];
    case 'words':
    case 'drawn':
      return [];
    default:
      throw new TypeError(`itemsOf: unknown kind ${JSON.stringify(piece satisfies never)}`);
  }
}

function itemsOfSize(size: SizeRule): readonly LibraryRef[] {
  if (size.by === 'die') return [size.set];
  return size.by === 'stamp' ? [size.stamp] : [];
}

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
