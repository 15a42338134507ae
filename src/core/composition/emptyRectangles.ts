/** A rectangle by its corners: the upper left, and the lower right. */
export interface Corners {
  readonly x0: number;
  readonly y0: number;
  readonly x1: number;
  readonly y1: number;
}

/** A free rectangle from its upper left corner. */
export interface FreeRect {
  readonly x: number;
  readonly y: number;
  readonly w: number;
  readonly h: number;
}

/**
 * Every empty rectangle of a sheet that cannot grow to any side: each of its sides touches an obstacle or the
 * edge of the sheet. Obstacles may overlap and stick out; touching one is allowed. From each line where
 * something ends, the free widths below it are followed downward; an obstacle closes those it meets and
 * leaves what is free beside it.
 *
 *     ┌──────────────┐   the line at the top: free over the whole width,
 *     │   ┌──┐       │   then left and right of the first obstacle,
 *     │   │  │  ┌──┐ │   then left of it, between, and right of the second
 *     └───┴──┴──┴──┴─┘
 *
 * Source: the problem of Naamad, Lee and Hsu, Discrete Applied Mathematics 8 (1984); n obstacles leave at
 * most of the order of n² such rectangles.
 * @returns from the top down, then from the left; none where the sheet is covered.
 */
export function emptyRectangles(
  sheet: { readonly w: number; readonly h: number },
  obstacles: readonly Corners[],
): readonly FreeRect[] {
  const inside = obstacles.flatMap((each) => clip(each, sheet));
  const byTop = inside.toSorted((a, b) => a.y0 - b.y0);
  const tops = [...new Set([0, ...inside.map(({ y1 }) => y1)])].filter((top) => top < sheet.h);
  const found = tops.flatMap((top) => freeBelow(top, sheet, byTop));
  return found.toSorted((a, b) => a.y - b.y || a.x - b.x || a.h - b.h);
}

/** Areas of lengths in ticks outgrow exact floats. */
export const areaOf = ({ w, h }: FreeRect): bigint => BigInt(w) * BigInt(h);

/** What of an obstacle lies on the sheet; nothing where it has no extent there. */
function clip(
  { x0, y0, x1, y1 }: Corners,
  { w, h }: { readonly w: number; readonly h: number },
): readonly Corners[] {
  const clipped = {
    x0: Math.max(0, x0),
    y0: Math.max(0, y0),
    x1: Math.min(w, x1),
    y1: Math.min(h, y1),
  };
  return clipped.x0 < clipped.x1 && clipped.y0 < clipped.y1 ? [clipped] : [];
}

/** A free width, and the line from which on something holds it on both sides. */
interface Span {
  readonly x0: number;
  readonly x1: number;
  readonly since: number;
}

/** The rectangles that begin at a line and cannot grow above it. */
function freeBelow(
  top: number,
  sheet: { readonly w: number; readonly h: number },
  byTop: readonly Corners[],
): readonly FreeRect[] {
  const found: FreeRect[] = [];
  const close = ({ x0, x1, since }: Span, bottom: number) => {
    const isHeld =
      top === 0 || byTop.some((each) => each.y1 === top && each.x0 < x1 && x0 < each.x1);
    // A width that is no older than the line it ends at would reach further to the side.
    if (isHeld && bottom > since) found.push({ x: x0, y: top, w: x1 - x0, h: bottom - top });
  };
  let free: readonly Span[] = sheet.w > 0 ? [{ x0: 0, x1: sheet.w, since: top }] : [];
  for (const obstacle of byTop) {
    if (obstacle.y1 <= top) continue;
    const line = Math.max(top, obstacle.y0);
    free = free.flatMap((span) => {
      const { x0, x1 } = span;
      if (obstacle.x1 <= x0 || x1 <= obstacle.x0) return [span];
      close(span, line);
      return [
        ...(x0 < obstacle.x0 ? [{ x0, x1: obstacle.x0, since: line }] : []),
        ...(obstacle.x1 < x1 ? [{ x0: obstacle.x1, x1, since: line }] : []),
      ];
    });
  }
  for (const span of free) close(span, sheet.h);
  return found;
}
