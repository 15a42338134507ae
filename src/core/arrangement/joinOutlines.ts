import { boundsOf, boxesOverlap, type Bounds, type Outline } from '../outline/outline';
import { arrange, outlineOfParts } from './arrange';

/** What outlines cover together of which none covers anything of another, such as strips: edges that two share fall away. */
export function joinApart(outlines: readonly Outline[]): Outline {
  const [only = [], ...more] = outlines;
  return more.length === 0 ? only : outlineOfParts(outlines.map((rings) => ({ rings })));
}

/** What two outlines both cover, on whole ticks; where a box covers all of the other, that itself. */
export function sharedOutline(a: Outline, b: Outline): Outline {
  const [boxA, boxB] = [boundsOf(a), boundsOf(b)];
  if (!boxesOverlap(boxA, boxB)) return [];
  if (isBox(a, boxA) && isInside(boxB, boxA)) return b;
  if (isBox(b, boxB) && isInside(boxA, boxB)) return a;
  return outlineOfParts(arrange([a, b]).filter(({ covers }) => covers.length === 2));
}

/** Whether an outline is the box round it. */
function isBox([line, ...more]: Outline, { x0, y0, x1, y1 }: Bounds): boolean {
  return (
    line?.length === 4 &&
    more.length === 0 &&
    line.every(({ x, y }, at) => {
      const next = line[(at + 1) % 4];
      const isOnCorner = (x === x0 || x === x1) && (y === y0 || y === y1);
      return isOnCorner && next !== undefined && (x === next.x) !== (y === next.y);
    })
  );
}

const isInside = (inner: Bounds, outer: Bounds): boolean =>
  inner.x0 >= outer.x0 && inner.y0 >= outer.y0 && inner.x1 <= outer.x1 && inner.y1 <= outer.y1;
