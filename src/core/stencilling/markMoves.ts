import type { Size } from '../length/length';
import type { Stencil } from '../plan/libraryItem';
import { stencilMoves, type StencilMoves } from './stencilMoves';

/** How the stencil of a mark is moved over its zone; undefined where it is no stencilling. */
export function markMoves({
  stencil,
  rect,
}: {
  readonly stencil: Stencil | undefined;
  readonly rect: Size;
}): StencilMoves | undefined {
  if (!stencil) return undefined;
  return stencilMoves(
    { width: stencil.width.ticks, height: stencil.height.ticks },
    stencil.repeat,
    rect,
  );
}
