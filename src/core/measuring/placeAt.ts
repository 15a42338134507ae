import { lengthFromTicks, subtractLengths, sumLengths, type Length } from '../length/length';
import { asTyped } from '../length/typedLength';
import type { PlaceRule } from '../plan/piece';
import type { Rect } from '../outline/outline';

/** Where a piece stands along one side of its support, in ticks. */
interface Extent {
  /** From the left or top of the face. */
  readonly at: Length;
  readonly size: Length;
}

/**
 * The rule that puts a box where it is now: measured from the nearer edge of its support, as one would lay
 * a ruler. As near to the left as to the right is the left.
 */
export function placeAt(box: Rect, support: Rect, turn: number): PlaceRule {
  const x = fromNearer({ at: box.x, size: box.width }, { at: support.x, size: support.width });
  const y = fromNearer({ at: box.y, size: box.height }, { at: support.y, size: support.height });
  return {
    x: { from: x.isNear ? 'left' : 'right', distance: asTyped(x.distance) },
    y: { from: y.isNear ? 'top' : 'bottom', distance: asTyped(y.distance) },
    turn,
  };
}

function fromNearer(box: Extent, support: Extent) {
  const near = subtractLengths(box.at, support.at);
  const far = subtractLengths(sumLengths(support.at, support.size), sumLengths(box.at, box.size));
  const isNear = Math.abs(near) <= Math.abs(far);
  return { isNear, distance: isNear ? near : far };
}

/** A box moved by so many ticks. */
export function movedBy({ x, y, width, height }: Rect, dx: number, dy: number): Rect {
  return { x: lengthFromTicks(x + dx), y: lengthFromTicks(y + dy), width, height };
}
