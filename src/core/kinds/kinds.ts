import type { LibraryRef } from '../plan/libraryItem';
import type { Mark, Piece, PieceKind, PieceOf } from '../plan/piece';
import { blendKind } from './blend/blendKind';
import { dotKind } from './dot/dotKind';
import { drawnKind } from './drawn/drawnKind';
import { edgesKind } from './edges/edgesKind';
import { imageKind } from './image/imageKind';
import type { ItemUser, MarkKind } from './markKind';
import { panelKind } from './panel/panelKind';
import { ribbonKind } from './ribbon/ribbonKind';
import { splatterKind } from './splatter/splatterKind';
import { sprayKind } from './spray/sprayKind';
import { stencilKind } from './stencil/stencilKind';
import { wordsKind } from './words/wordsKind';

/** Every kind of mark by its name; a new one is one more line. */
const markKinds: { readonly [Kind in Mark['kind']]: MarkKind<Kind> } = {
  image: imageKind,
  words: wordsKind,
  stencil: stencilKind,
  dot: dotKind,
  drawn: drawnKind,
  blend: blendKind,
  edges: edgesKind,
  spray: sprayKind,
  splatter: splatterKind,
  ribbon: ribbonKind,
};

const itemUsers: { readonly [Kind in PieceKind]: ItemUser<PieceOf<Kind>> } = {
  panel: panelKind,
  ...markKinds,
};

/** What is to be known of the kind a mark is of; it is asked about marks of that kind only. */
export function kindOf<Kind extends Mark['kind']>({ kind }: { readonly kind: Kind }) {
  return markKinds[kind] as unknown as MarkKind<Mark['kind']>;
}

/** What of the library a piece refers to. */
export function itemsOf(piece: Piece): readonly LibraryRef[] {
  return itemUserOf(piece).items(piece);
}

/** A piece that refers to other items of the library: each reference as `map` gives it. */
export function mapItems<P extends Piece>(piece: P, map: (ref: LibraryRef) => LibraryRef): P {
  return itemUserOf(piece).withItems(piece, map) as P;
}

function itemUserOf({ kind }: Piece): ItemUser<Piece> {
  return itemUsers[kind] as unknown as ItemUser<Piece>;
}
