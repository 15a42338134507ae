import { colourDifference } from '../colour/colourDifference';
import { labOf } from '../colour/lab';
import { lchOf } from '../colour/lch';
import { stocksOf, type Library } from '../plan/library';
import type { Stock } from '../plan/libraryItem';
import type { Holding } from '../stash/holding';
import { isHolding } from '../stash/isHolding';
import type { Palette, PaletteColour } from './palette';

/** What a stock does for a picture: repeats one of its colours, calms it, or dramatises it. */
export type TieKind = 'repeats' | 'calms' | 'dramatises';

export interface Tie {
  readonly kind: TieKind;
  readonly stock: Stock;
  /** The colour of the picture it is nearest to, and by how much, in CIEDE2000. */
  readonly nearest: PaletteColour;
  readonly difference: number;
}

/** Nearer than this a stock repeats a colour, to the eye at arm's length; from memory. */
const repeatsWithin = 12;
/** White calms: as light as this, and with hardly a colour; from memory. */
const [calmLightness, calmStrength] = [92, 8];
/** A dark or strong paper dramatises; from memory. */
const [darkFrom, strongFrom] = [35, 45];

/** How many of those that repeat a colour are told; of the others one. */
const mostRepeating = 4;

/**
 * Plain stocks that are there, by what they would do as base, mat or liner of a picture: those that repeat a colour of it
 * first, the nearest first; then the whitest, which calms it, and the one that stands farthest from it, which dramatises it.
 */
export function tiesOf(
  { colours }: Palette,
  library: Library,
  holdings: readonly Holding[],
): readonly Tie[] {
  if (colours.length === 0) return [];
  const all = stocksOf(library)
    .filter(
      ({ paper, id }) => (paper === 'cardstock' || paper === 'kraft') && isHolding(holdings, id),
    )
    .map((stock): Omit<Tie, 'kind'> => {
      const own = labOf(stock.colour);
      const nearest = colours.reduce((best, each) =>
        colourDifference(own, each.lab) < colourDifference(own, best.lab) ? each : best,
      );
      return { stock, nearest, difference: colourDifference(own, nearest.lab) };
    })
    .toSorted((a, b) => a.difference - b.difference || (a.stock.id < b.stock.id ? -1 : 1));
  const isCalm = ({ stock }: Omit<Tie, 'kind'>) => {
    const { l, c } = lchOf(stock.colour);
    return l >= calmLightness && c <= calmStrength;
  };
  const isStrong = ({ stock }: Omit<Tie, 'kind'>) => {
    const { l, c } = lchOf(stock.colour);
    return l <= darkFrom || c >= strongFrom;
  };
  const repeating = all
    .filter((tie) => tie.difference <= repeatsWithin && !isCalm(tie))
    .slice(0, mostRepeating);
  const calming = all.filter(isCalm).toSorted(lighterFirst).slice(0, 1);
  const dramatic = all.filter((tie) => isStrong(tie) && !repeating.includes(tie)).slice(-1);
  return [
    ...repeating.map((tie) => ({ ...tie, kind: 'repeats' as const })),
    ...calming.map((tie) => ({ ...tie, kind: 'calms' as const })),
    ...dramatic.map((tie) => ({ ...tie, kind: 'dramatises' as const })),
  ];
}

function lighterFirst(a: Omit<Tie, 'kind'>, b: Omit<Tie, 'kind'>): number {
  return labOf(b.stock.colour).l - labOf(a.stock.colour).l;
}
