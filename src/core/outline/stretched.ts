import { flattenPath, type Polygon } from '../geometry/flattenPath';
import type { DieSet } from '../plan/libraryItem';
import { clipToConvex } from './clipToConvex';
import { rounded, type Outline, type Rect } from './outline';

/** Flattened shapes by the shape they come from, since a library item never changes. */
const flattened = new WeakMap<object, Outline>();

/** The outline of a shape stretched to a box on a face, to the tick; turned over, left to right, where it lies so. */
export function stretched(
  shape: NonNullable<DieSet['shape']>,
  { x, y, width, height }: Rect,
  isMirrored = false,
): Outline {
  let outline = flattened.get(shape);
  if (!outline) {
    outline = flattenPath(shape.outline);
    flattened.set(shape, outline);
  }
  const { box } = shape;
  const across = (part: number) => (isMirrored ? 1 - part : part);
  return outline.map((polygon) =>
    polygon.map((point) =>
      rounded({
        x: x + across(point.x / box.width) * width,
        y: y + (point.y / box.height) * height,
      }),
    ),
  );
}

/** What of an outline lies inside a convex line. */
export function clipped(outline: Outline, line: Polygon): Outline {
  return outline
    .map((polygon) => clipToConvex(polygon, line))
    .filter((polygon) => polygon.length > 2);
}
