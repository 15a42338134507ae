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

interface PlayedStep {
  readonly line: 'upright' | 'level';
  readonly fence: number;
  readonly parts: readonly {
    readonly part: PlacedRect;
    readonly lines: readonly { readonly x: number; readonly y: number; readonly length: number }[];
  }[];
}

/**
 * Cuts a sheet as told, step by step, and gives the parts that come of it. Knows only parts on the table:
 * each line must run right through one of them, be no longer than the reach, and stand off the fence.
 * @throws Error at the first step that cannot be done.
 */
export function playCuts(
  sheet: { readonly w: number; readonly h: number },
  steps: readonly PlayedStep[],
  reach: number,
): readonly PlacedRect[] {
  let table: PlacedRect[] = [{ x: 0, y: 0, ...sheet }];
  for (const { line, fence, parts } of steps)
    for (const { part, lines } of parts)
      for (const { x, y, length } of lines) {
        const isUpright = line === 'upright';
        const cut = table.find((each) =>
          isUpright
            ? each.y === y && each.h === length && each.x < x && x < each.x + each.w
            : each.x === x && each.w === length && each.y < y && y < each.y + each.h,
        );
        if (!cut) throw new Error(`no part to cut ${line} at ${x} ${y}`);
        if (length > reach) throw new Error(`a cut of ${length} is longer than ${reach}`);
        const isInside =
          cut.x >= part.x &&
          cut.y >= part.y &&
          cut.x + cut.w <= part.x + part.w &&
          cut.y + cut.h <= part.y + part.h;
        if (!isInside) throw new Error('a cut outside the part it belongs to');
        const first = isUpright ? { ...cut, w: x - cut.x } : { ...cut, h: y - cut.y };
        const second = isUpright
          ? { ...cut, x, w: cut.x + cut.w - x }
          : { ...cut, y, h: cut.y + cut.h - y };
        if ((isUpright ? first.w : first.h) !== fence)
          throw new Error(`the fence stands at ${fence}, the cut is elsewhere`);
        table = [...table.filter((each) => each !== cut), first, second];
      }
  return table;
}
