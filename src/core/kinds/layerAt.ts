import type { Mark, PieceOf } from '../plan/piece';

type Image = PieceOf<'image'>;

type Stencilling = PieceOf<'stencil'>;

/**
 * What a layer of a mark is, by its index among its paints: of an image the layers of its stamp come first, then the parts
 * picked out of its lines, then its finishes; of a stencil its layers, then the openings with inks of their own; of other
 * marks all are plain layers.
 */
export type LayerAt =
  | { readonly kind: 'layer'; readonly index: number }
  | { readonly kind: 'part'; readonly index: number; readonly part: Image['parts'][number] }
  | { readonly kind: 'finish'; readonly index: number; readonly finish: Image['finishes'][number] }
  | {
      readonly kind: 'openings';
      readonly index: number;
      readonly openings: Stencilling['openings'][number];
    };

export function layerAt(piece: Mark, layer: number): LayerAt {
  if (piece.kind === 'stencil') {
    const openings = piece.openings[layer - piece.layers.length];
    if (openings) return { kind: 'openings', index: layer - piece.layers.length, openings };
  }
  if (piece.kind !== 'image') return { kind: 'layer', index: layer };
  const { layers, parts, finishes } = piece;
  const part = parts[layer - layers.length];
  if (part) return { kind: 'part', index: layer - layers.length, part };
  const index = layer - layers.length - parts.length;
  const finish = finishes[index];
  return finish ? { kind: 'finish', index, finish } : { kind: 'layer', index: layer };
}

/** The index among the paints of a mark of a part that was picked out of its lines, or of openings of a stencil. */
export function layerOfPart({ layers }: Pick<Image | Stencilling, 'layers'>, part: number): number {
  return layers.length + part;
}

/** The same of a finish. */
export function layerOfFinish(
  { layers, parts }: Pick<Image, 'layers' | 'parts'>,
  finish: number,
): number {
  return layers.length + parts.length + finish;
}
