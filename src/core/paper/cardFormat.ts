import type { Length, Size } from '../length/length';

/** How a card stands when read: the long side up, or the long side across. */
export type Stand = 'upright' | 'lying';

/**
 * Side fold opens like a book; tent fold stands like a tent, its score on top; the two flaps of a
 * gate fold meet in the middle of the front; a flat card has no fold.
 */
export const folds = ['side', 'tent', 'gate', 'flat'] as const;
export type Fold = (typeof folds)[number];

/** A size without a way up. */
export interface Sides {
  readonly short: Length;
  readonly long: Length;
}

/**
 * A blank other than twice the finished size, taken because a common sheet gives it without waste.
 * The face follows from the blank: it is half of it across the score.
 */
export interface SheetBlank {
  readonly id: string;
  readonly fold: Fold;
  readonly stand: Stand;
  /** The flat piece as the opened card is read. */
  readonly blank: Size;
  /** Where it comes from, as a person says it: 'A4 cut once at 105 mm'. */
  readonly from: string;
}

export const cardFormatIds = [
  'a2',
  'a6',
  'dl',
  'slimline',
  'mini-slimline',
  'half-page',
  'square-5',
  'square-5-1-4',
  'square-148',
] as const;
export type CardFormatId = (typeof cardFormatIds)[number];

/** A named card format: finished, closed size, and the blanks usual for it. */
export interface CardFormat {
  readonly id: CardFormatId;
  readonly name: string;
  readonly finished: Sides;
  /** Where the figures come from. */
  readonly source: string;
  /** Sheet blanks in order of preference; one that fits stand and fold is taken before twice the size. */
  readonly sheetBlanks: readonly SheetBlank[];
}
