import { subtractLengths, zeroLength, type Length } from '../length/length';
import type { HeightMap } from './heightMap';

/** How much of the card is at most so high. */
export interface HeightShare {
  readonly height: Length;
  /** Of the area of the card, 0 to 1: of all parts of that height. */
  readonly share: number;
}

/** How uneven a card is. */
export interface Unevenness {
  /** From the lowest to the highest; what hangs over the edge is left out. */
  readonly shares: readonly HeightShare[];
  /** Half of the card is no higher than this. */
  readonly middle: Length;
  /** So much higher the highest point is. */
  readonly by: Length;
}

/** Over what share of its area the card is how high. */
export function unevennessOf({ parts, highest }: HeightMap): Unevenness {
  const areas = new Map<Length, number>();
  let whole = 0;
  for (const { height, area, isOnCard } of parts) {
    if (!isOnCard) continue;
    areas.set(height, (areas.get(height) ?? 0) + area);
    whole += area;
  }
  const shares = [...areas]
    .map(([height, area]): HeightShare => ({ height, share: area / whole }))
    .toSorted((a, b) => a.height - b.height);
  let sum = 0;
  const middle = shares.find(({ share }) => (sum += share) >= 0.5)?.height ?? zeroLength;
  return { shares, middle, by: subtractLengths(highest, middle) };
}
