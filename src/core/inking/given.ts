import { layerAt } from '../kinds/layerAt';
import type { Mark } from '../plan/piece';
import type { ColourSource, Print } from '../plan/pieces/colourSource';
import type { BlendStop } from '../plan/pieces/stops';

/** What a layer of a mark is printed with; undefined where it is not printed. */
export function printOf(piece: Mark, layer: number): Print | undefined {
  if (piece.kind === 'words') return piece.print;
  const own = piece.kind === 'image' ? piece.layers[layer] : undefined;
  return own?.by === 'print' ? own : undefined;
}

/** The inks of a layer of a ground that may have several; undefined for what has one. */
export function stopsOf(piece: Mark, layer: number): readonly BlendStop[] | undefined {
  if (piece.kind === 'blend') return piece.stops;
  if (piece.kind !== 'stencil') return undefined;
  const at = layerAt(piece, layer);
  return at.kind === 'openings' ? at.openings.inks : (piece.layers[layer] ?? undefined);
}

/** What the colour of a layer comes out of, of several inks the first; undefined where it is coloured by hand. */
export function sourceOf(piece: Mark, layer: number): ColourSource | undefined {
  switch (piece.kind) {
    case 'image': {
      const at = layerAt(piece, layer);
      return at.kind === 'finish' ? at.finish.from : printOf(piece, layer)?.ink;
    }
    case 'words':
      return printOf(piece, layer)?.ink;
    case 'dot':
    case 'ribbon':
    case 'drawn':
      return piece.colour;
    case 'edges':
    case 'spray':
    case 'splatter':
      return piece.ink;
    case 'stencil':
    case 'blend':
      return stopsOf(piece, layer)?.[0]?.ink;
    default:
      throw new TypeError(`sourceOf: unknown ${JSON.stringify(piece satisfies never)}`);
  }
}
