import { firstField } from '../kinds/stencil/stencilKind';
import type { Rect } from '../outline/outline';
import type { ResolvedMark } from '../resolve/resolvedMark';

/** How a stencil is laid: by the edges of its field and those of the paper that lie the nearer. */
export interface Register {
  readonly across: Edge<'left' | 'right'>;
  readonly down: Edge<'top' | 'bottom'>;
  /** The sheets of its sequence that are coloured through, from 1, all against the same corner. */
  readonly sheets: readonly number[];
}

/** How far one of its edges lies inside that of the paper, in ticks; beyond it where less than nothing. */
interface Edge<Side extends string> {
  readonly side: Side;
  readonly inside: number;
}

/**
 * Where a stencil is first laid against its paper, square to it: the corner that all sheets of its sequence are laid to.
 * Undefined for what is no stencil, or lies askew.
 * @param paper its box, in ticks
 */
export function registerOf(
  { piece, stencil, rect }: Pick<ResolvedMark, 'piece' | 'stencil' | 'rect'>,
  paper: Rect,
): Register | undefined {
  if (piece.kind !== 'stencil' || !stencil || piece.place.turn % 90 !== 0) return undefined;
  const { x, y, width, height } = firstField(stencil, rect);
  return {
    across: nearer(
      { side: 'left', inside: x - paper.x },
      { side: 'right', inside: paper.x + paper.width - x - width },
    ),
    down: nearer(
      { side: 'top', inside: y - paper.y },
      { side: 'bottom', inside: paper.y + paper.height - y - height },
    ),
    sheets: piece.layers.flatMap((layer, at) => (layer ? [at + 1] : [])),
  };
}

function nearer<Side extends string>(a: Edge<Side>, b: Edge<Side>): Edge<Side> {
  return Math.abs(b.inside) < Math.abs(a.inside) ? b : a;
}
