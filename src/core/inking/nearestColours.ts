import { colourDifference } from '../colour/colourDifference';
import { labOf } from '../colour/lab';
import { seenOn, type ColourItem } from '../kinds/coat';

/** Something owned that comes near a colour. */
export interface NearColour<Item extends ColourItem = ColourItem> {
  readonly item: Item;
  /** CIEDE2000. */
  readonly difference: number;
  /** What it is like beside the wanted colour: of each at most one, the plainest first. */
  readonly is: readonly ColourWord[];
}

export type ColourWord =
  'lighter' | 'darker' | 'redder' | 'greener' | 'yellower' | 'bluer' | 'stronger' | 'greyer';

/** The so many nearest to a colour, the nearest first. @param ground what each is seen on, `#rrggbb` as is the colour */
export function nearestColours<Item extends ColourItem>(
  wanted: string,
  items: readonly Item[],
  count: number,
  ground: string,
): readonly NearColour<Item>[] {
  const target = labOf(wanted);
  return items
    .map((item) => ({ item, seen: seenOn(item, ground) }))
    .map(({ item, seen }) => ({ item, seen, difference: colourDifference(target, labOf(seen)) }))
    .toSorted((a, b) => a.difference - b.difference || (a.item.id < b.item.id ? -1 : 1))
    .slice(0, count)
    .map(({ item, difference, seen }) => ({
      item,
      difference,
      is: differenceWords(wanted, seen),
    }));
}

/** A difference along one of the axes of L*a*b* that is seen; from memory. */
const seenDifference = 2.5;

/** How the second colour differs from the first in words: lightness, then the hue it leans to, then its strength. */
export function differenceWords(from: string, to: string): readonly ColourWord[] {
  const [a, b] = [labOf(from), labOf(to)];
  const words: ColourWord[] = [];
  if (Math.abs(b.l - a.l) >= seenDifference) words.push(b.l > a.l ? 'lighter' : 'darker');
  const [red, yellow] = [b.a - a.a, b.b - a.b];
  if (Math.max(Math.abs(red), Math.abs(yellow)) >= seenDifference)
    words.push(
      Math.abs(red) >= Math.abs(yellow)
        ? red > 0
          ? 'redder'
          : 'greener'
        : yellow > 0
          ? 'yellower'
          : 'bluer',
    );
  if (words.length > 1) return words;
  const stronger = Math.hypot(b.a, b.b) - Math.hypot(a.a, a.b);
  if (Math.abs(stronger) >= seenDifference * 2) words.push(stronger > 0 ? 'stronger' : 'greyer');
  return words;
}
