import { lengthFromTicks } from '../length/length';
import { boundsOf, turnedCorners, type Bounds, type Rect } from '../outline/outline';
import { fillsBox } from '../tolerances';
import { outlineOf, type Placed } from './outlineOf';
import { isRibbon } from './ribbonParts';

/**
 * The smallest upright box round what a piece shows as it lies; its own box where it fills that. A ribbon is measured without
 * its bow and its tails.
 */
export function boxOnFace(placed: Placed): Rect {
  const { rect, piece } = placed;
  const outline = isRibbon(placed) ? [turnedCorners(rect, piece.place.turn)] : outlineOf(placed);
  const { x0, y0, x1, y1 } = boundsOf(outline);
  // Of a print that is masked off whole nothing is left to measure.
  if (x1 < x0 || isItsBox(placed, { x0, y0, x1, y1 })) return rect;
  return {
    x: lengthFromTicks(x0),
    y: lengthFromTicks(y0),
    width: lengthFromTicks(x1 - x0),
    height: lengthFromTicks(y1 - y0),
  };
}

function isItsBox({ piece, rect: { x, y, width, height } }: Placed, shown: Bounds): boolean {
  const rims = [shown.x0 - x, shown.y0 - y, x + width - shown.x1, y + height - shown.y1];
  return piece.place.turn === 0 && rims.every((rim) => Math.abs(rim) <= fillsBox);
}
