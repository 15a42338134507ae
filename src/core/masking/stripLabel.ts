import type { Point } from '../geometry/flattenPath';
import { pointWithin } from '../kinds/image/pointWithin';
import type { Outline } from '../outline/outline';

/** Where the number of a strip stands: in the middle of where it is highest. */
export function stripLabel(outline: Outline): Point {
  const { x, y } = pointWithin(outline.map((line) => line.map((at) => ({ x: at.y, y: at.x }))));
  return { x: y, y: x };
}
