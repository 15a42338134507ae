import { evenly } from '../geometry/evenly';
import type { Polygon } from '../geometry/flattenPath';
import { lengthFromTicks } from '../length/length';
import { asTyped } from '../length/typedLength';
import { mostLinePoints } from '../plan/planFacts';
import type { ScenePoint } from '../plan/scene';

/**
 * The points of a drawn line as a scene keeps them, straight from one to the next: every point, or evenly chosen ones where
 * there are more than it holds.
 * @param line in ticks on the face
 * @param corner of the paper, from which they are told
 */
export function straightEdge(
  line: Polygon,
  corner: { readonly x: number; readonly y: number },
): readonly ScenePoint[] {
  return evenly(line, mostLinePoints).map(({ x, y }) => ({
    x: asTyped(lengthFromTicks(x - corner.x)),
    y: asTyped(lengthFromTicks(y - corner.y)),
  }));
}
