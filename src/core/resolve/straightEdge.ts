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
  const count = Math.min(line.length, mostLinePoints);
  return Array.from({ length: count }, (_, at) => {
    const point = line[Math.round((at * (line.length - 1)) / Math.max(1, count - 1))];
    const [x, y] = [(point?.x ?? 0) - corner.x, (point?.y ?? 0) - corner.y];
    return { x: asTyped(lengthFromTicks(x)), y: asTyped(lengthFromTicks(y)) };
  });
}
