import { labOf } from '../colour/lab';
import { hueAngle, lchOf } from '../colour/lch';
import { groupBy } from '../groupBy';
import type { Medium } from '../plan/libraryItem';
import { leastStep } from './bestFamily';
import { gapStep, greyish } from './shadeCheck';

/** Media of one sort that shade into one another, from light to dark. */
export interface MarkerFamily {
  readonly name: string;
  readonly media: readonly Medium[];
}

/** Hues that are nearer than this, in degrees, are of one family; from memory. */
const nearHue = 14;
/** So much strength of colour, in C*, may change from one to the next; from memory. */
const nearStrength = 22;

/**
 * The families there are among media: those that are sold as a set, those whose names differ in a last figure, and of the
 * rest those of one sort, hue and strength whose lightness goes down step by step. Each medium is in one at most; the
 * largest families come first.
 */
export function markerFamilies(media: readonly Medium[]): readonly MarkerFamily[] {
  const named = groupBy(media, ({ medium, set, name }) => {
    const called = set === '' ? /^(.+?)[\s-]*\d+$/.exec(name)?.[1] : set;
    return called === undefined ? undefined : `${medium} ${called}`;
  });
  const families = [...named.values()]
    .filter((own) => own.length > 1)
    .map((own): MarkerFamily => {
      const { set = '', name = '' } = own[0] ?? {};
      return { name: set || name.replace(/[\s-]*\d+$/, ''), media: lightFirst(own) };
    });
  const taken = new Set(families.flatMap((family) => family.media));
  const rest = media.filter((each) => !taken.has(each));
  return [...families, ...byColour(rest)].toSorted(
    (a, b) => b.media.length - a.media.length || (a.name < b.name ? -1 : 1),
  );
}

/** Links each to the next darker it shades into best, the best links first. */
function byColour(media: readonly Medium[]): readonly MarkerFamily[] {
  const sorted = lightFirst(media);
  const links = sorted
    .flatMap((light, from) =>
      sorted.slice(from + 1).flatMap((dark) => {
        const cost = linkCost(light, dark);
        return cost === undefined ? [] : [{ light, dark, cost }];
      }),
    )
    .toSorted((a, b) => a.cost - b.cost);
  const next = new Map<Medium, Medium>();
  const followed = new Set<Medium>();
  for (const { light, dark } of links) {
    if (next.has(light) || followed.has(dark)) continue;
    next.set(light, dark);
    followed.add(dark);
  }
  return sorted
    .filter((each) => next.has(each) && !followed.has(each))
    .map((first) => {
      const own = [first];
      for (let each = next.get(first); each; each = next.get(each)) own.push(each);
      return { name: `${first.name} to ${own.at(-1)?.name ?? ''}`, media: own };
    });
}

/** How badly one shades into a darker one; undefined where it does not. */
function linkCost(light: Medium, dark: Medium): number | undefined {
  const [a, b] = [lchOf(light.colour), lchOf(dark.colour)];
  const step = a.l - b.l;
  if (light.medium !== dark.medium || step < leastStep || step > gapStep) return undefined;
  const isGrey = a.c < greyish;
  if (isGrey !== b.c < greyish) return undefined;
  const hue = isGrey ? 0 : hueAngle(a.h ?? 0, b.h ?? 0);
  const strength = Math.abs(a.c - b.c);
  return hue > nearHue || strength > nearStrength ? undefined : step + hue + strength;
}

function lightFirst(media: readonly Medium[]): readonly Medium[] {
  return media.toSorted((a, b) => labOf(b.colour).l - labOf(a.colour).l);
}
