import type { ResolvedMark } from '../resolve/resolvedMark';
import { stencilMoves, type StencilMoves } from './stencilMoves';

/** How the stencil of a mark is moved over its zone; undefined where it is no stencilling. */
export function markMoves({ stencil, rect }: ResolvedMark): StencilMoves | undefined {
  if (!stencil) return undefined;
  return stencilMoves(
    { width: stencil.width.ticks, height: stencil.height.ticks },
    stencil.repeat,
    rect,
  );
}
