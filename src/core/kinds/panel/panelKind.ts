import type { LibraryRef } from '../../plan/libraryItem';
import type { Paper, SizeRule } from '../../plan/piece';
import type { ItemUser } from '../markKind';

/** Card or paper: its stock, and the die or stamp it is cut by. */
export const panelKind: ItemUser<Paper> = {
  items: ({ stock, size }) => [stock, ...itemsOfSize(size)],
  withItems: (piece, map) => ({
    ...piece,
    stock: map(piece.stock),
    size: withItemsOfSize(piece.size, map),
  }),
};

function itemsOfSize(size: SizeRule): readonly LibraryRef[] {
  if (size.by === 'die') return [size.set];
  return size.by === 'stamp' ? [size.stamp] : [];
}

function withItemsOfSize(size: SizeRule, map: (ref: LibraryRef) => LibraryRef): SizeRule {
  if (size.by === 'die') return { ...size, set: map(size.set) };
  return size.by === 'stamp' ? { ...size, stamp: map(size.stamp) } : size;
}
