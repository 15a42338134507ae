import type { Variation } from '../kinds/paint';
import type { Fill, Place } from '../drawing/shape';

/** A colour that goes over an area from one end to the other, as a fill over that area. */
export function variedFill(varies: Variation, over: Place): Fill {
  const { direction, stops } = varies;
  const { x, y, width, height } = over;
  if (direction.kind === 'outward') {
    const at = { x: x + direction.x * width, y: y + direction.y * height };
    const [left, top] = [at.x - x, at.y - y];
    const radius = Math.hypot(Math.max(left, width - left), Math.max(top, height - top));
    return { kind: 'rings', at, radius, stops };
  }
  return { kind: 'gradient', ...endsOf(direction.turn, over), stops };
}

/**
 * Where a blend begins and ends: on a line through the middle, so far out that the corners are reached and no more.
 * ```
 *   turn 0: from the top down     turn 90: from the right to the left
 * ```
 */
function endsOf(turn: number, { x, y, width, height }: Place) {
  const angle = (turn * Math.PI) / 180;
  const [dx, dy] = [-Math.sin(angle), Math.cos(angle)];
  const half = (Math.abs(dx) * width + Math.abs(dy) * height) / 2;
  const middle = { x: x + width / 2, y: y + height / 2 };
  return {
    from: { x: middle.x - dx * half, y: middle.y - dy * half },
    to: { x: middle.x + dx * half, y: middle.y + dy * half },
  };
}
