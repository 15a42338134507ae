import type { Box } from '../../parts/drawingScale';

interface Row {
  readonly key: string;
  readonly row: string;
  readonly box: Box;
  /** Height of its first line. */
  readonly anchor: number;
}

interface Leader {
  readonly key: string;
  readonly row: string;
  /** Where its dot is. */
  readonly x: number;
  readonly y: number;
  readonly path: string;
}

const inset = 6;
const apart = 7;

/**
 * Lines from layers to their rows at `to`. One to a row beside the layers goes up or down within them; one to a row below
 * goes out to the right first, so that it crosses no caption. The lowest row has the lowest and innermost of those, so that
 * none crosses another.
 * ```
 *   ●────┐            ●  a layer
 *   ●──┐ └──── row
 *  Edge└────── row
 * ```
 */
export function leadersOf(
  rows: readonly Row[],
  to: number,
  caption: { readonly top: number; readonly right: number },
): readonly Leader[] {
  const below = rows
    .filter(({ anchor }) => anchor > caption.top)
    .toSorted((a, b) => b.anchor - a.anchor);
  const lane = Math.min(apart, Math.max(0, to - apart - caption.right) / Math.max(1, below.length));
  let free = Infinity;
  const outward = below.map((each, at): Leader => {
    const { box, anchor } = each;
    const y = Math.max(box.y + inset, Math.min(box.y + box.height - inset, free - apart));
    free = y;
    const x = middleOf(box);
    return { ...each, x, y, path: `M${x} ${y}H${caption.right + at * lane}V${anchor}H${to}` };
  });
  const beside = rows
    .filter(({ anchor }) => anchor <= caption.top)
    .map((each): Leader => {
      const { box, anchor } = each;
      const x = middleOf(box);
      const y = Math.min(Math.max(anchor, box.y + inset), box.y + box.height - inset);
      return { ...each, x, y, path: `M${x} ${y}V${anchor}H${to}` };
    });
  return [...beside, ...outward];
}

const middleOf = ({ x, width }: Box) => x + width / 2;
