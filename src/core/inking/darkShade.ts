import { contrast } from '../colour/contrast';
import { hueAngle, lchOf } from '../colour/lch';
import { inksOf, seenOn } from '../kinds/coat';
import type { Library } from '../plan/library';
import type { Ink } from '../plan/libraryItem';
import type { ResolvedCard } from '../resolve/resolvedCard';
import type { Holding } from '../stash/holding';
import { isHolding } from '../stash/isHolding';
import { readableContrast } from '../tolerances';

/** An ink darker than the card in the card's own hue, softer than black. */
export interface DarkShade {
  readonly ink: Ink;
  /** Where it reads worst on the grounds. */
  readonly worst: number;
}

/** A stock has a hue from this strength of colour on, and so has an ink; from memory. */
const [hueFrom, softFrom] = [12, 6];
/** So far an ink may be off in hue, in degrees, and no lighter than this, to be a dark shade of it; from memory. */
const [nearHue, darkest] = [40, 45];

/**
 * The owned ink that is a dark shade of the card's own hue and is still read on all grounds; the nearest in hue. The hue is
 * that of the strongest of its papers.
 * @returns undefined where the card has no hue, or no ink does
 */
export function darkShade(
  card: ResolvedCard,
  grounds: readonly string[],
  library: Library,
  holdings: readonly Holding[],
): DarkShade | undefined {
  const papers = [card.base.paint, ...card.pieces.map(({ paint }) => paint)].map(({ colour }) =>
    lchOf(colour),
  );
  const strongest = papers.reduce((best, each) => (each.c > best.c ? each : best));
  const { h: hue, c } = strongest;
  if (hue === undefined || c < hueFrom) return undefined;
  return inksOf(library)
    .filter(({ ink, id }) => ink !== 'sticky' && isHolding(holdings, id))
    .flatMap((ink) => {
      const seen = lchOf(ink.colour);
      if (seen.h === undefined || seen.c < softFrom || seen.l > darkest) return [];
      const off = hueAngle(seen.h, hue);
      const worst = Math.min(...grounds.map((ground) => contrast(seenOn(ink, ground), ground)));
      return off <= nearHue && worst >= readableContrast ? [{ ink, worst, off }] : [];
    })
    .toSorted((a, b) => a.off - b.off || (a.ink.id < b.ink.id ? -1 : 1))[0];
}
