import type { Point } from '../geometry/flattenPath';
import type { Edge } from './edge';

/** An edge as walked from one of its ends. The face it bounds lies on its left, if y ran upward. */
export interface Half {
  readonly edge: Edge;
  readonly from: Point;
  readonly to: Point;
  /** The same edge walked the other way. */
  readonly twin: Half;
  /** The one after it round the same face. */
  readonly next: Half;
}

/** A half while it is being linked. */
interface Unlinked extends Pick<Half, 'edge' | 'from' | 'to'> {
  twin: Unlinked;
  next: Unlinked;
}

/**
 * Both halves of each edge, linked round their faces. Edges that meet have the same object for that point.
 * ```
 *        \   /
 *   next  \ /        after h comes, at its end, the first edge clockwise from where it came:
 *   <------v         so the face on its left is never crossed
 *          ^
 *          | h
 * ```
 */
export function halvesOf(edges: readonly Edge[]): readonly Half[] {
  const leaving = new Map<Point, Unlinked[]>();
  const halves = edges.flatMap((edge) => {
    const half = { edge, from: edge.a, to: edge.b } as Unlinked;
    const twin = { edge, from: edge.b, to: edge.a } as Unlinked;
    half.twin = twin;
    twin.twin = half;
    for (const each of [half, twin]) {
      const there = leaving.get(each.from);
      if (there) there.push(each);
      else leaving.set(each.from, [each]);
    }
    return [half, twin];
  });
  for (const around of leaving.values()) {
    if (around.length > 2) around.sort(byAngle);
    // Counter-clockwise; whoever arrives along one of them goes on along the one before.
    around.forEach((each, at) => {
      const before = around[(at + around.length - 1) % around.length];
      if (before) each.twin.next = before;
    });
  }
  return halves;
}

/** Counter-clockwise from the right, by whole numbers. */
function byAngle(p: Half, q: Half): number {
  const [first, second] = [isUpper(p), isUpper(q)];
  if (first !== second) return first ? -1 : 1;
  const [px, py] = [p.to.x - p.from.x, p.to.y - p.from.y];
  const [qx, qy] = [q.to.x - q.from.x, q.to.y - q.from.y];
  return qx * py - px * qy;
}

const isUpper = ({ from, to }: Half) => to.y > from.y || (to.y === from.y && to.x > from.x);
