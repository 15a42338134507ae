import { labOf, type Lab } from '../colour/lab';

/** A marker as far as a family needs to know it. */
export interface FamilyColour {
  readonly id: string;
  /** As it is seen on the paper, `#rrggbb`. */
  readonly colour: string;
}

/** Colours from light to dark that blend, and what is to be said of them. */
export interface Family<Colour extends FamilyColour = FamilyColour> {
  readonly colours: readonly Colour[];
  /** How well they do: smaller is better; what it adds up is said at `bestFamily`. */
  readonly cost: number;
}

/** Steps of lightness that blend easily, in L*; from memory. */
const easyStep = 18;
/** A smaller one is none. */
export const leastStep = 5;

/**
 * The set of so many colours for a wanted one that blends best: one of them, the middle one, near the wanted colour, the
 * steps in lightness even, and hue and strength of colour near the wanted where there is a choice. The least sum of
 *
 * - how far the middle one is from the wanted colour, in L*a*b*,
 * - for each other one, a quarter of how far it is off in a* and b*,
 * - for each step, how far its difference in L* is from 18.
 *
 * Exact: since only neighbours meet in the sum, it is found by dynamic programming from light to dark.
 * @param count 1 to 5; of two and four the lighter middle
 * @returns undefined where there are not so many that differ by 5 in lightness
 */
export function bestFamily<Colour extends FamilyColour>(
  markers: readonly Colour[],
  wanted: string,
  count: number,
): Family<Colour> | undefined {
  const target = labOf(wanted);
  const sorted = markers
    .map((marker) => ({ marker, lab: labOf(marker.colour) }))
    .toSorted((a, b) => b.lab.l - a.lab.l || (a.marker.id < b.marker.id ? -1 : 1));
  const middle = Math.floor((count - 1) / 2);
  // The best chain of each length that ends at each marker.
  let chains: (Chain | undefined)[] = sorted.map(({ lab }) => ({
    cost: ownCost(lab, target, middle === 0),
    before: undefined,
  }));
  const history: (Chain | undefined)[][] = [chains];
  for (let length = 1; length < count; length++) {
    const last = chains;
    chains = sorted.map(({ lab }, index) => {
      let best: Chain | undefined;
      for (let other = 0; other < index; other++) {
        const from = last[other];
        const step = (sorted[other]?.lab.l ?? 0) - lab.l;
        if (!from || step < leastStep) continue;
        const cost = from.cost + Math.abs(step - easyStep);
        if (!best || cost < best.cost) best = { cost, before: other };
      }
      return best && { ...best, cost: best.cost + ownCost(lab, target, length === middle) };
    });
    history.push(chains);
  }
  const ends = chains.map((chain, index) => ({ chain, index }));
  const best = ends.reduce<{ readonly chain: Chain; readonly index: number } | undefined>(
    (found, { chain, index }) =>
      chain && (!found || chain.cost < found.chain.cost) ? { chain, index } : found,
    undefined,
  );
  if (!best) return undefined;
  const colours: Colour[] = [];
  let at: number | undefined = best.index;
  for (let length = count - 1; length >= 0 && at !== undefined; length--) {
    const marker = sorted[at]?.marker;
    if (marker) colours.unshift(marker);
    at = history[length]?.[at]?.before;
  }
  return { colours, cost: best.chain.cost };
}

interface Chain {
  readonly cost: number;
  /** The marker before it, by its place among the sorted. */
  readonly before: number | undefined;
}

/** Hue counts for less than lightness beside the middle one. */
const hueWeight = 0.25;

export function ownCost(lab: Lab, target: Lab, isMiddle: boolean): number {
  const off = Math.hypot(lab.a - target.a, lab.b - target.b);
  return isMiddle ? Math.hypot(lab.l - target.l, off) : off * hueWeight;
}

/** What a family costs, added up plainly; undefined where a step is too small. */
export function familyCost(colours: readonly FamilyColour[], wanted: string): number | undefined {
  const target = labOf(wanted);
  const labs = colours.map(({ colour }) => labOf(colour));
  const steps = labs.slice(1).map(({ l }, index) => (labs[index]?.l ?? 0) - l);
  if (steps.some((step) => step < leastStep)) return undefined;
  const middle = Math.floor((colours.length - 1) / 2);
  return (
    labs.reduce((sum, lab, index) => sum + ownCost(lab, target, index === middle), 0) +
    steps.reduce((sum, step) => sum + Math.abs(step - easyStep), 0)
  );
}
