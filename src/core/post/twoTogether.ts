import { lengthFromTicks, timesLength, type Length } from '../length/length';
import { meets } from '../outline/distance';
import { boundsOf, type Outline } from '../outline/outline';
import type { HeightMap, HeightPart } from './heightMap';

/** How deep a box is that holds two of a card. */
export interface TwoTogether {
  /** Backs together: both highest points stand outward, so that nothing lies beside anything. */
  readonly backs: Length;
  /** Fronts together, so that what is high on one lies where the other is low. */
  readonly fronts: Length;
}

/**
 * Two of a card laid together. With their fronts together one is turned over, sideways or end for end, whichever is lower;
 * the cards lie edge on edge. Parts that only touch along a curve count as lying on each other, so it is never too little.
 */
export function twoTogether({ parts, highest, stack }: HeightMap): TwoTogether {
  const { x0, y0, x1, y1 } = boundsOf(stack.face);
  const sideways = (outline: Outline) =>
    outline.map((ring) => ring.map(({ x, y }) => ({ x: x0 + x1 - x, y })));
  const endForEnd = (outline: Outline) =>
    outline.map((ring) => ring.map(({ x, y }) => ({ x, y: y0 + y1 - y })));
  const fronts = [sideways, endForEnd].map((turn) => highestSum(parts, turn));
  return { backs: timesLength(highest, 2), fronts: lengthFromTicks(Math.min(...fronts)) };
}

/** The largest sum of two heights where one card lies on the other, turned over. */
function highestSum(parts: readonly HeightPart[], turn: (outline: Outline) => Outline): number {
  const sorted = parts.toSorted((a, b) => b.height - a.height);
  const turned = sorted.map(({ rings }) => turn(rings));
  let most = 0;
  for (const [at, one] of sorted.entries())
    // Each pair once, since turning twice is none; those further on are lower.
    for (const [other, { height }] of sorted.slice(at).entries()) {
      const sum = one.height + height;
      if (sum <= most) break;
      if (meets(one.rings, turned[at + other] ?? [])) most = sum;
    }
  return most;
}
