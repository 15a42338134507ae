import { flattenPath, type Polygon } from '../geometry/flattenPath';
import type { DieSet } from '../plan/libraryItem';
import { clipToConvex } from './clipToConvex';
import { chordError } from '../tolerances';
import { rounded, type Outline, type Rect } from './outline';

/** Flattened shapes by the shape they come from, since a library item never changes, and by how fine their chords are. */
const flattened = new WeakMap<object, Map<number, Outline>>();

/** The outline of a shape stretched to a box on a face, to the tick; turned over, left to right, where it lies so. */
export function stretched(
  shape: NonNullable<DieSet['shape']>,
  { x, y, width, height }: Rect,
  isMirrored = false,
): Outline {
  const { box } = shape;
  const ticksPerUnit = Math.max(width / box.width, height / box.height);
  const across = (part: number) => (isMirrored ? 1 - part : part);
  return chordsOf(shape, chordError / ticksPerUnit).map((polygon) =>
    polygon.map((point) =>
      rounded({
        x: x + across(point.x / box.width) * width,
        y: y + (point.y / box.height) * height,
      }),
    ),
  );
}

/** The chords of a shape; errors go down to the next power of two, so that a size nearby has the same chords. */
function chordsOf(shape: NonNullable<DieSet['shape']>, error: number): Outline {
  const fine = 2 ** Math.floor(Math.log2(error));
  const bySize = flattened.get(shape) ?? new Map<number, Outline>();
  flattened.set(shape, bySize);
  let chords = bySize.get(fine);
  if (!chords) {
    chords = flattenPath(shape.outline, fine);
    bySize.set(fine, chords);
  }
  return chords;
}

/** What of an outline lies inside a convex line. */
export function clipped(outline: Outline, line: Polygon): Outline {
  return outline
    .map((polygon) => clipToConvex(polygon, line))
    .filter((polygon) => polygon.length > 2);
}
