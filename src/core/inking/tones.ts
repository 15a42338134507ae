import { colourDifference } from '../colour/colourDifference';
import { groupBy } from '../groupBy';
import { labOf } from '../colour/lab';
import { hueAngle, lchOf } from '../colour/lch';
import { isPrintedLayer } from '../kinds/image/isPrintedLayer';
import { inksOf, seenOn } from '../kinds/coat';
import { isPatterned, isUnknown } from '../kinds/paint';
import type { Library } from '../plan/library';
import type { Ink } from '../plan/libraryItem';
import { isLifted } from '../resolve/bond';
import type { ResolvedCard } from '../resolve/resolvedCard';
import type { ResolvedMark } from '../resolve/resolvedMark';
import { spokenName } from '../resolve/spokenName';
import type { Holding } from '../stash/holding';
import { isHolding } from '../stash/isHolding';
import { hardlyTold } from '../tolerances';
import type { PartAt } from './colourParts';
import { nearestColours } from './nearestColours';

/** Something about what is light and what is dark on a card; figures are in L*. */
export type Tone = { readonly of: string } & (
  | { readonly kind: 'near-lightness'; readonly on: string; readonly difference: number }
  | (OtherInk & { readonly kind: 'pale-outline'; readonly than: string })
  | (OtherInk & { readonly kind: 'bold-texture'; readonly difference: number })
  | (OtherInk & { readonly kind: 'detail-step'; readonly detail: string; readonly step: number })
  | {
      readonly kind: 'sizes';
      readonly largest: 'lighter' | 'darker' | 'neither';
      readonly count: number;
    }
);

/** Parts that another ink of the stash would suit better; undefined where there is none. */
interface OtherInk {
  readonly at: readonly PartAt[];
  readonly ink: Ink | undefined;
}

/** Nearer in lightness than this, two papers are told by their hue alone; from memory. */
const nearLightness = 6;
/** A print of a background that is farther from its paper is bold; from memory. */
const boldTexture = 30;
/** The detail of a layering stamp is so much darker than what it lies on: one shade; from memory. */
const [leastShade, oneShade, mostShade] = [4, 12, 24];
/** Something is darker than an outline only from here on. */
const seenDarker = 4;
/** Hues nearer than this, in degrees, are of one colour. */
const nearHue = 35;

/** What there is to say of light and dark on a card, face by face from the papers to the prints. */
export function tonesOf(
  card: ResolvedCard,
  library: Library,
  holdings: readonly Holding[],
): readonly Tone[] {
  const inks = inksOf(library).filter(({ ink, id }) => ink !== 'sticky' && isHolding(holdings, id));
  return [
    ...nearPapers(card),
    ...card.marks.flatMap((mark) => [
      ...paleOutline(mark, inks),
      ...boldTextures(mark, inks),
      ...detailSteps(mark, inks),
    ]),
    ...sizes(card),
  ];
}

/** Plain papers that lie flat on one another and are as light, in another hue; those of one colour are a finding. */
function nearPapers({ base, pieces }: ResolvedCard): readonly Tone[] {
  return pieces.flatMap((piece): readonly Tone[] => {
    const under = pieces.find(({ id }) => id === piece.support);
    const [own, ground] = [piece.paint, under?.paint ?? base.paint];
    const isPlain = [own, ground].every((paint) => !isPatterned(paint) && !isUnknown(paint));
    if (!isPlain || isLifted(piece)) return [];
    const [a, b] = [labOf(own.colour), labOf(ground.colour)];
    const difference = Math.abs(a.l - b.l);
    if (difference >= nearLightness || colourDifference(a, b) < hardlyTold) return [];
    const on = under ? spokenName(under) : 'the base';
    return [{ kind: 'near-lightness', of: spokenName(piece), on, difference }];
  });
}

/** The lines of an image are its darkest; here something is darker. */
function paleOutline(mark: ResolvedMark, inks: readonly Ink[]): readonly Tone[] {
  const { stamp, paints, id, ground } = mark;
  if (stamp?.stamp !== 'outline' || stamp.words) return [];
  const lines = stamp.layers.flatMap(({ lineWidth }, layer) =>
    lineWidth > 0 && paints[layer] ? [{ layer, l: labOf(paints[layer].colour).l }] : [],
  );
  const areas = stamp.layers.flatMap(({ lineWidth, name }, layer) =>
    lineWidth === 0 && paints[layer] ? [{ name, l: labOf(paints[layer].colour).l }] : [],
  );
  const [darkest] = areas.toSorted((a, b) => a.l - b.l);
  const pale = darkest ? lines.filter(({ l }) => l - darkest.l >= seenDarker) : [];
  const [first] = pale;
  if (!darkest || !first) return [];
  const now = paints[first.layer]?.colour ?? ground.colour;
  const ink = nearest(inks, now, ground.colour, (l) => l <= darkest.l);
  const at = pale.map(({ layer }) => ({ pieceId: id, layer }));
  return [{ kind: 'pale-outline', of: spokenName(mark), than: darkest.name, at, ink }];
}

/** A background print is pale: near the lightness of its paper. */
function boldTextures(mark: ResolvedMark, inks: readonly Ink[]): readonly Tone[] {
  const { stamp, paints, id, ground } = mark;
  if (stamp?.stamp !== 'background') return [];
  const under = labOf(ground.colour).l;
  return paints.flatMap((paint, layer): readonly Tone[] => {
    if (!paint) return [];
    const difference = Math.abs(labOf(paint.colour).l - under);
    if (difference <= boldTexture) return [];
    const ink = nearest(
      inks,
      paint.colour,
      ground.colour,
      (l) => Math.abs(l - under) <= boldTexture / 2 && Math.abs(l - under) >= leastShade,
    );
    const at = [{ pieceId: id, layer }];
    return [{ kind: 'bold-texture', of: spokenName(mark), difference, at, ink }];
  });
}

/** Each step of a layering stamp is one shade darker than the one before it. */
function detailSteps(mark: ResolvedMark, inks: readonly Ink[]): readonly Tone[] {
  const { stamp, paints, id, ground } = mark;
  if (stamp?.stamp !== 'layering') return [];
  const printed = stamp.layers.flatMap(({ name }, layer) => {
    const paint = paints[layer];
    return paint && isPrintedLayer(stamp, layer) ? [{ name, layer, colour: paint.colour }] : [];
  });
  return printed.slice(1).flatMap(({ name, layer, colour }, index): readonly Tone[] => {
    const base = lchOf(printed[index]?.colour ?? colour);
    const own = lchOf(colour);
    const step = base.l - own.l;
    // Another colour is another thing than a shade of it.
    if (hueAngle(base.h ?? 0, own.h ?? 0) > nearHue) return [];
    if (step >= leastShade && step <= mostShade) return [];
    const ink = shadeOf(inks, printed[index]?.colour ?? colour, ground.colour);
    const at = [{ pieceId: id, layer }];
    return [{ kind: 'detail-step', of: spokenName(mark), detail: name, step, at, ink }];
  });
}

/** Whether among solid images of one group the large ones are the lighter or the darker: both are schools. */
function sizes({ marks }: ResolvedCard): readonly Tone[] {
  const solid = marks.filter(
    ({ stamp }) => stamp?.stamp === 'solid' || stamp?.stamp === 'layering',
  );
  const groups = groupBy(solid, ({ piece }) => piece.group ?? undefined);
  return [...groups].flatMap(([of, own]): readonly Tone[] => {
    const seen = own.flatMap(({ rect, paints }) => {
      const paint = paints.find((each) => each !== undefined);
      return paint ? [{ area: rect.width * rect.height, l: labOf(paint.colour).l }] : [];
    });
    const kinds = new Set(seen.map(({ area }) => area));
    if (seen.length < 3 || kinds.size < 2) return [];
    const pairs = seen.flatMap((a, at) =>
      seen.slice(at + 1).map((b) => Math.sign(a.area - b.area) * Math.sign(a.l - b.l)),
    );
    const sum = pairs.reduce((total, each) => total + each, 0);
    const decided = pairs.filter((each) => each !== 0).length;
    const largest =
      Math.abs(sum) * 2 < decided || decided === 0 ? 'neither' : sum > 0 ? 'lighter' : 'darker';
    return [{ kind: 'sizes', of, largest, count: seen.length }];
  });
}

/** The ink nearest to a colour among those that are as light as is asked, as it is seen on a ground. */
function nearest(
  inks: readonly Ink[],
  wanted: string,
  ground: string,
  does: (lightness: number) => boolean,
): Ink | undefined {
  const fit = inks.filter((ink) => does(labOf(seenOn(ink, ground)).l));
  return nearestColours(wanted, fit, 1, ground)[0]?.item;
}

/** The ink that is one shade darker than a colour and of its hue. */
function shadeOf(inks: readonly Ink[], base: string, ground: string): Ink | undefined {
  const { l, h } = lchOf(base);
  return inks
    .map((ink) => ({ ink, seen: lchOf(seenOn(ink, ground)) }))
    .filter(({ seen }) => {
      const step = l - seen.l;
      const isHue = h === undefined || seen.h === undefined || hueAngle(h, seen.h) <= nearHue;
      return step >= leastShade && step <= mostShade && isHue;
    })
    .toSorted((a, b) => Math.abs(l - oneShade - a.seen.l) - Math.abs(l - oneShade - b.seen.l))[0]
    ?.ink;
}
