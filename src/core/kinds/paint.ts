import type { Stock } from '../plan/libraryItem';

/** What a thing is seen in, and where that colour comes from. */
export interface Paint {
  /** As it is seen, `#rrggbb`. */
  readonly colour: string;
  readonly from: PaintSource;
}

export type PaintSource =
  | { readonly kind: 'stock'; readonly stock: Stock }
  /** A bare colour, whatever it may come out of. */
  | { readonly kind: 'wish' }
  /** A stock the library does not hold. */
  | { readonly kind: 'unknown' };

/** Shown where the stock is not known. */
export const unknownColour = '#c9c5bd';

const unknown: Paint = { colour: unknownColour, from: { kind: 'unknown' } };

/** What paper is seen in. */
export function paintOfStock(stock: Stock | undefined): Paint {
  return stock ? { colour: stock.colour, from: { kind: 'stock', stock } } : unknown;
}

/** A bare colour as a paint. */
export function wish(colour: string): Paint {
  return { colour, from: { kind: 'wish' } };
}

/** One paint for each layer; undefined where the layer is left out. */
export function wishes(colours: readonly (string | null)[]): readonly (Paint | undefined)[] {
  return colours.map((colour) => (colour === null ? undefined : wish(colour)));
}

/** Whether nothing can be said of its colour. */
export function isUnknown({ from }: Paint): boolean {
  return from.kind === 'unknown';
}

/** Whether a print runs all over it, so that neither a border nor fine lines stand out from it. */
export function isPatterned({ from }: Paint): boolean {
  return from.kind === 'stock' && from.stock.paper === 'patterned';
}
