import { blendColours, blendedAt, type Reach } from '../colour/blend';
import { labOf } from '../colour/lab';
import { seenOver, type Coat } from '../colour/seenOver';
import type { Combination } from '../plan/combination';
import { findItem, type Library } from '../plan/library';
import type { LibraryRef, Powder, Stock } from '../plan/libraryItem';
import type { BlendDirection, BlendStop } from '../plan/pieces/stops';
import type { ColourSource, Print } from '../plan/pieces/colourSource';
import { coatOf, isColourItem, printThickness, thicknessOf, type ColourItem } from './coat';

/** What a thing is seen in, and where that colour comes from. */
export interface Paint {
  /** As it is seen on its ground, `#rrggbb`; of what varies, the middle of it. */
  readonly colour: string;
  readonly from: PaintSource;
  /** What lies on the ground, the lowest first; nothing where the colour hides it, whatever it is. */
  readonly coats: readonly Coat[];
  /** How its colour goes over its area, where it is not the same all over. */
  readonly varies?: Variation;
}

/** Colours from one end of an area to the other. */
export interface Variation {
  readonly direction: BlendDirection;
  readonly stops: readonly { readonly at: number; readonly colour: string }[];
  /** What it is made of, so that it can be seen on another ground. */
  readonly reaches: readonly Reach[];
}

export type PaintSource =
  | { readonly kind: 'stock'; readonly stock: Stock }
  /** A bare colour, whatever it may come out of. */
  | { readonly kind: 'wish' }
  /** A stock, an ink or a combination the library or the plan does not hold. */
  | { readonly kind: 'unknown' }
  /** One thing, with powder melted over it. */
  | { readonly kind: 'item'; readonly item: ColourItem; readonly powder?: Powder | undefined }
  /** Several, by what each came from, in the order they are used. */
  | {
      readonly kind: 'several';
      readonly parts: readonly PaintSource[];
      readonly combination?: Combination;
    }
  /** Left as it is on purpose. */
  | { readonly kind: 'nothing' }
  /** A part that nobody has coloured yet. */
  | { readonly kind: 'open' };

/** What the paints of a mark are made from. */
export interface PaintContext {
  readonly library: Library;
  /** What the paper under it is seen in. */
  readonly ground: Paint;
  readonly combinations: ReadonlyMap<string, Combination>;
}

/** For what needs no combination of the plan. */
export function onGround(library: Library, ground: Paint): PaintContext {
  return { library, ground, combinations: new Map() };
}

/** Shown where the stock is not known. */
export const unknownColour = '#c9c5bd';

const unknown: Paint = { colour: unknownColour, from: { kind: 'unknown' }, coats: [] };

/** What paper is seen in. */
export function paintOfStock(stock: Stock | undefined): Paint {
  return stock ? { colour: stock.colour, from: { kind: 'stock', stock }, coats: [] } : unknown;
}

/** A bare colour as a paint. */
export function wish(colour: string): Paint {
  return { colour, from: { kind: 'wish' }, coats: [] };
}

/** What something is seen in that comes out of one thing. */
export function paintOf(source: ColourSource, context: PaintContext, thickness = 1): Paint {
  if ('wish' in source) return wish(source.wish);
  const item = colourItem(source.item, context);
  if (!item) return unknown;
  return overGround([coatOf(item, thickness)], { kind: 'item', item }, context);
}

/** What a print is seen in, powder melted over it. */
export function paintOfPrint({ ink, offPad, powder }: Print, context: PaintContext): Paint {
  const printed = paintOf(ink, context, printThickness(offPad));
  const item = powder && findItem(context.library, powder);
  if (item?.kind !== 'powder') return printed;
  const coats = [...printed.coats, coatOf(item)];
  const from: PaintSource =
    printed.from.kind === 'item' ? { ...printed.from, powder: item } : { kind: 'item', item };
  // Powder over a wish: the wish hides the paper.
  if (printed.coats.length === 0)
    return { colour: seenOver(printed.colour, [coatOf(item)]), from, coats: [] };
  return overGround(coats, from, context);
}

/** The paints of combinations by the colour of their paper, with the library they were made from; neither ever changes. */
const known = new WeakMap<Combination, { library: Library; byGround: Map<string, Paint> }>();

/** What a part is seen in that is coloured by hand: from its lightest colour to its darkest, the undercoat under all. */
export function paintOfCombination(id: string, context: PaintContext): Paint | undefined {
  const combination = context.combinations.get(id);
  if (!combination) return undefined;
  const { library, ground } = context;
  let own = known.get(combination);
  if (own?.library !== library) {
    own = { library, byGround: new Map() };
    known.set(combination, own);
  }
  const before = own.byGround.get(ground.colour);
  if (before) return before;
  const paint = shaded(combination, context);
  own.byGround.set(ground.colour, paint);
  return paint;
}

function shaded(combination: Combination, context: PaintContext): Paint {
  const under = paintOfUndercoat(combination, context);
  const onUnder = { ...context, ground: under ?? context.ground };
  const paints = combination.media.map((use) => paintOfUse(use, onUnder));
  const sorted = paints.toSorted((a, b) => labOf(b.colour).l - labOf(a.colour).l);
  const middle = sorted[Math.floor((sorted.length - 1) / 2)] ?? unknown;
  const from: PaintSource = {
    kind: 'several',
    parts: [...(under ? [under.from] : []), ...paints.map((paint) => paint.from)],
    combination,
  };
  const coats = middle.coats.length > 0 ? [...(under?.coats ?? []), ...middle.coats] : [];
  const stops = sorted.map(({ colour }, index) => ({
    at: sorted.length === 1 ? 0 : index / (sorted.length - 1),
    colour,
  }));
  return {
    colour: middle.colour,
    from,
    coats,
    ...(stops.length > 1 && { varies: { direction: shading, stops, reaches: [] } }),
  };
}

/** What lies under the media of a combination; undefined where they lie on the paper. */
export function paintOfUndercoat(
  { undercoat }: Pick<Combination, 'undercoat'>,
  context: PaintContext,
): Paint | undefined {
  return undercoat ? paintOf(undercoat, context) : undefined;
}

/** What a medium is seen in as it is used on its ground. */
export function paintOfUse(
  { from, strength, passes }: Combination['media'][number],
  context: PaintContext,
): Paint {
  return paintOf(from, context, thicknessOf(strength, passes));
}

/** Light falls from the upper left. */
const shading: BlendDirection = { kind: 'along', turn: -35 };

/** What inks are seen in that are blended along a way; one alone is plain. */
export function paintOfStops(
  stops: readonly BlendStop[],
  direction: BlendDirection,
  context: PaintContext,
): Paint {
  const [only] = stops;
  if (only && stops.length === 1 && only.from === 0 && only.to === 1)
    return paintOf(only.ink, context, thicknessOf(only.strength));
  const paints = stops.map((stop) => ({ stop, paint: paintOf(stop.ink, context) }));
  const reaches = paints.map(({ stop, paint }): Reach => ({
    coat: { ...coatIn(paint), thickness: thicknessOf(stop.strength) },
    from: stop.from,
    to: stop.to,
  }));
  const parts = paints.map(({ paint }) => paint.from);
  return {
    colour: blendedAt(context.ground.colour, reaches, 0.5),
    from: { kind: 'several', parts },
    coats: [],
    varies: { direction, stops: blendColours(context.ground.colour, reaches), reaches },
  };
}

/** A wish is taken to hide what is under it. */
function coatIn({ coats: [coat], colour }: Paint): Coat {
  return coat ?? { colour, opacity: 1, thickness: 1 };
}

function overGround(coats: readonly Coat[], from: PaintSource, { ground }: PaintContext): Paint {
  return { colour: seenOver(ground.colour, coats), from, coats };
}

function colourItem(ref: LibraryRef, { library }: PaintContext): ColourItem | undefined {
  const item = findItem(library, ref);
  return isColourItem(item) ? item : undefined;
}

/** The colour at a share of the way, that of the nearest stop. */
export function colourAt({ stops }: Variation, at: number): string {
  return stops.reduce((best, stop) =>
    Math.abs(stop.at - at) < Math.abs(best.at - at) ? stop : best,
  ).colour;
}

/** Whether what is under it shows through it. */
export function isSeenThrough({ coats, varies }: Paint): boolean {
  return coats.some(({ opacity }) => opacity < 1) || (varies?.reaches.length ?? 0) > 0;
}

/** Whether powder is melted over it, so that what is laid over it later does not stay. */
export function isEmbossed({ from }: Paint): boolean {
  return from.kind === 'item' && from.powder !== undefined;
}

/** Whether nothing can be said of its colour. */
export function isUnknown({ from }: Paint): boolean {
  return from.kind === 'unknown';
}

/** Whether a print runs all over it, so that neither a border nor fine lines stand out from it. */
export function isPatterned({ from }: Paint): boolean {
  return from.kind === 'stock' && from.stock.paper === 'patterned';
}
