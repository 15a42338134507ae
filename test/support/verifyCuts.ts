/** A rectangle in its place, from the top left corner. */
export interface PlacedRect {
  readonly x: number;
  readonly y: number;
  readonly w: number;
  readonly h: number;
}

/**
 * Whether rectangles lie on a sheet without overlapping, and straight cuts across the whole remaining
 * piece set every one free. Slow and obvious, and knows nothing of how they were laid.
 */
export function isCutEdgeToEdge(
  sheet: { readonly w: number; readonly h: number },
  rects: readonly PlacedRect[],
): boolean {
  const isOn = rects.every(
    ({ x, y, w, h }) => x >= 0 && y >= 0 && x + w <= sheet.w && y + h <= sheet.h,
  );
  const overlap = (a: PlacedRect, b: PlacedRect) =>
    a.x < b.x + b.w && b.x < a.x + a.w && a.y < b.y + b.h && b.y < a.y + a.h;
  const isFree = rects.every((a, index) => rects.slice(index + 1).every((b) => !overlap(a, b)));
  return isOn && isFree && canSeparate(rects);
}

function canSeparate(rects: readonly PlacedRect[]): boolean {
  if (rects.length <= 1) return true;
  for (const axis of ['x', 'y'] as const) {
    const side = axis === 'x' ? 'w' : 'h';
    for (const { [axis]: at } of rects) {
      const before = rects.filter((rect) => rect[axis] + rect[side] <= at);
      const after = rects.filter((rect) => rect[axis] >= at);
      if (before.length === 0 || after.length === 0) continue;
      if (before.length + after.length === rects.length)
        return canSeparate(before) && canSeparate(after);
    }
  }
  return false;
}
