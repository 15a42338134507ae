import { halveLength, timesLength, type Length, type Size } from '../length/length';
import type { CardFormat, Fold, SheetBlank, Sides, Stand } from './cardFormat';

/** A score: the axis it runs along and how far it lies from the left (vertical) or top (horizontal). */
export interface Score {
  readonly axis: 'vertical' | 'horizontal';
  readonly at: Length;
}

/** A folded card's flat piece, and the face that results. */
export interface BlankLayout {
  readonly face: Size;
  readonly blank: Size;
  readonly score: Score;
  /** The common sheet the blank is taken from, where it is not simply twice the face. */
  readonly sheetBlank: SheetBlank | undefined;
}

/**
 * The blank of a finished size: twice as wide for a side fold, twice as high for a tent.
 *
 *      side fold               tent fold
 *   ┌───────┬───────┐          ┌───────┐
 *   │ back  ╎ front │          │ back  │
 *   └───────┴───────┘          ├╌╌╌╌╌╌╌┤ score
 *                              │ front │
 *                              └───────┘
 */
export function layOutBlank(face: Size, fold: Fold): BlankLayout {
  const blank =
    fold === 'side'
      ? { width: timesLength(face.width, 2), height: face.height }
      : { width: face.width, height: timesLength(face.height, 2) };
  return { face, blank, score: scoreOf(face, fold), sheetBlank: undefined };
}

/**
 * The blank of a named format. `blankId` asks for one of its sheet blanks, 'exact' for twice the
 * finished size; left out, the first sheet blank that fits stand and fold is taken, else twice the
 * size. A blank that does not fit the stand and fold counts as left out.
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
  return { face, blank: chosen.blank, score: scoreOf(face, fold), sheetBlank: chosen };
}

/** The sheet blanks a format has for this stand and fold. */
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

function scoreOf(face: Size, fold: Fold): Score {
  return fold === 'side'
    ? { axis: 'vertical', at: face.width }
    : { axis: 'horizontal', at: face.height };
}
