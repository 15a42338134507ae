import clarendon from './clarendon.json';
import hand from './hand.json';
import plain from './plain.json';

/** The letterings words can be set in; each is a font that ships with the application. */
export const letteringIds = ['clarendon', 'hand', 'plain'] as const;
export type LetteringId = (typeof letteringIds)[number];

/** Figures of a font in its own units: of each letter its advance, then the box of its ink, upward. */
export interface Lettering {
  readonly unitsPerEm: number;
  readonly xHeight: number;
  readonly glyphs: Readonly<Record<string, readonly number[]>>;
}

/** Measured from the font files by scripts/make-letterings.mjs. */
export const letterings: Readonly<Record<LetteringId, Lettering>> = { clarendon, hand, plain };
