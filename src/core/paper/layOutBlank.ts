import { halveLength, sumLengths, timesLength, type Length, type Size } from '../length/length';
import type { CardFormat, Fold, SheetBlank, Sides, Stand } from './cardFormat';

/** A score: the axis it runs along and how far it lies from the left (vertical) or top (horizontal). */
export interface Score {
  readonly axis: 'vertical' | 'horizontal';
  readonly at: Length;
}

/** A card's flat piece with its scores, and the closed face that results. */
export interface BlankLayout {
  readonly face: Size;
  readonly blank: Size;
  /** From left or top; a flat card has none, a gate two. */
  readonly scores: readonly Score[];
  /** The common sheet the blank is taken from, where it is not simply laid out from the face. */
  readonly sheetBlank: SheetBlank | undefined;
}

/**
 * The blank of a finished size: twice as wide for a side fold and a gate, twice as high for a tent.
 * The flaps of a gate meet in the middle; an odd half tick goes to the right one.
 *
 *      side fold            tent fold        gate fold                  flat
 *   ┌───────┬───────┐       ┌───────┐      ┌───┬───────┬───┐         ┌───────┐
 *   │ back  ╎ front │       │ back  │      │   ╎ back  ╎   │ flaps   │ front │
 *   └───────┴───────┘       ├╌╌╌╌╌╌╌┤      └───┴───────┴───┘         └───────┘
 *                           │ front │
 *                           └───────┘
 */
export function layOutBlank(face: Size, fold: Fold): BlankLayout {
  const { width, height } = face;
  const common = { face, sheetBlank: undefined };
  const doubled = timesLength(width, 2);
  switch (fold) {
    case 'side':
      return {
        ...common,
        blank: { width: doubled, height },
        scores: [{ axis: 'vertical', at: width }],
      };
    case 'tent':
      return {
        ...common,
        blank: { width, height: timesLength(height, 2) },
        scores: [{ axis: 'horizontal', at: height }],
      };
    case 'gate': {
      const [leftFlap] = halveLength(width);
      return {
        ...common,
        blank: { width: doubled, height },
        scores: [
          { axis: 'vertical', at: leftFlap },
          { axis: 'vertical', at: sumLengths(leftFlap, width) },
        ],
      };
    }
    case 'flat':
      return { ...common, blank: face, scores: [] };
    default:
      throw new TypeError(`layOutBlank: unknown fold ${String(fold satisfies never)}`);
  }
}

/**
 * The blank of a named format. `blankId` asks for one of its sheet blanks, 'exact' for the blank of
 * the finished size; left out, the first sheet blank that fits stand and fold is taken, else the
 * exact one. A blank that does not fit the stand and fold counts as left out.
 */
export function layOutFormat(
  format: CardFormat,
  stand: Stand,
  fold: Fold,
  blankId?: string,
): BlankLayout {
  const fitting = sheetBlanksFor(format, stand, fold);
  const chosen = fitting.find((blank) => blank.id === blankId) ?? fitting[0];
  if (blankId === 'exact' || !chosen) return layOutBlank(standSize(format.finished, stand), fold);
  const { width, height } = chosen.blank;
  const face =
    fold === 'side'
      ? { width: halveLength(width)[0], height }
      : { width, height: halveLength(height)[0] };
  return { ...layOutBlank(face, fold), blank: chosen.blank, sheetBlank: chosen };
}

/** The sheet blanks a format has for this stand and fold; only side and tent folds have any. */
export function sheetBlanksFor(
  format: CardFormat,
  stand: Stand,
  fold: Fold,
): readonly SheetBlank[] {
  return format.sheetBlanks.filter((blank) => blank.stand === stand && blank.fold === fold);
}

/** The sides as a size: upright has the long side up. */
export function standSize({ short, long }: Sides, stand: Stand): Size {
  return stand === 'upright' ? { width: short, height: long } : { width: long, height: short };
}
