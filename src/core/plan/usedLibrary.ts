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

/** A piece that refers to other items of the library: each reference as `map` gives it. */
export function mapItems(piece: Piece, map: (ref: LibraryRef) => LibraryRef): Piece {
  switch (piece.kind) {
    case 'panel':
      return {
        ...piece,
        stock: map(piece.stock),
        size:
          piece.size.by === 'die'
            ? { ...piece.size, set: map(piece.size.set) }
            : piece.size.by === 'stamp'
              ? { ...piece.size, stamp: map(piece.size.stamp) }
              : piece.size,
      };
    case 'image':
      return { ...piece, stamp: map(piece.stamp) };
    case 'stencil':
      return { ...piece, stencil: map(piece.stencil) };
    case 'dot':
      return { ...piece, item: piece.item && map(piece.item) };
    case 'words':
    case 'drawn':
      return piece;
    default:
      throw new TypeError(`mapItems: unknown kind ${JSON.stringify(piece satisfies never)}`);
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
