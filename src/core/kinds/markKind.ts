import type { SetWords } from '../lettering/setWords';
import { zeroLength, type Length, type Size } from '../length/length';
import type { Outline, Rect } from '../outline/outline';
import type { LibraryRef, Stamp, Stencil } from '../plan/libraryItem';
import type { Library } from '../plan/library';
import type { Mark, PieceOf } from '../plan/piece';
import type { Paint, PaintContext } from './paint';
import type { Stroke } from './stroke';

/**
 * How a mark lies among those on its paper: under the prints, among them, coloured over them, or stuck and dropped on at the
 * end.
 */
export type Laid = 'ground' | 'mark' | 'over' | 'late';

/** What a mark is as large as, and what of it shows. */
export interface SizedMark {
  readonly whole: Size;
  /** From the corner of the whole. */
  readonly shown: Size & { readonly x: Length; readonly y: Length };
  /** How far it stands up from the paper. */
  readonly height: Length;
  readonly stamp: Stamp | undefined;
  /** Turned on its side where it is laid so. */
  readonly stencil: Stencil | undefined;
  /** How its words are set, from the corner of the whole. */
  readonly words: SetWords | undefined;
}

export type SizedMarkOutcome =
  | { readonly ok: true; readonly mark: SizedMark }
  | {
      readonly ok: false;
      readonly reason: { readonly code: 'no-stamp' | 'no-stencil' | 'nothing-shown' };
    };

/** A mark in its place, as far as its kind needs to know. */
export interface PlacedMark<Piece extends Mark = Mark> extends Pick<
  SizedMark,
  'stamp' | 'stencil' | 'words'
> {
  readonly piece: Piece;
  /** The box of what shows, before it is turned about its middle. */
  readonly rect: Rect;
  /** The box of all of it, where a part is masked off; else the same. */
  readonly whole: Rect;
  /** By its layers; undefined for one that is left out. */
  readonly paints: readonly (Paint | undefined)[];
  /** What the paper under it is seen in. */
  readonly ground: Paint;
}

/** What a piece of any kind refers to in the stash. */
export interface ItemUser<Piece> {
  readonly items: (piece: Piece) => readonly LibraryRef[];
  /** The piece with each of these references as `map` gives it. */
  readonly withItems: (piece: Piece, map: (ref: LibraryRef) => LibraryRef) => Piece;
}

/** All that is to be known of a kind of mark. A new kind is a record of these in a folder of its own. */
export interface MarkKind<Kind extends Mark['kind']> extends ItemUser<PieceOf<Kind>> {
  readonly laid: (piece: PieceOf<Kind>) => Laid;
  /** One of many, told and moved with its group and not for itself. */
  readonly isSmall: boolean;
  /** Whether a jig has an opening for it. */
  readonly goesThroughJig: boolean;
  /** What it is called where it is listed. */
  readonly sortOf: (mark: PlacedMark<PieceOf<Kind>>) => string;
  /** What each of its layers is seen in; undefined for one that is left out. */
  readonly paints: (piece: PieceOf<Kind>, context: PaintContext) => readonly (Paint | undefined)[];
  /** @param under what it lies on */
  readonly size: (piece: PieceOf<Kind>, library: Library, under: Size) => SizedMarkOutcome;
  /** What it covers, before it is turned. */
  readonly outline: (mark: PlacedMark<PieceOf<Kind>>) => Outline;
  /** What is drawn of it, lowest first. */
  readonly strokes: (mark: PlacedMark<PieceOf<Kind>>) => readonly Stroke[];
}

/** A mark that is as large as its kind says, all of it shown; refused where it has no extent. */
export function sized(whole: Size, change: Partial<SizedMark> = {}): SizedMarkOutcome {
  const mark: SizedMark = {
    whole,
    shown: { x: zeroLength, y: zeroLength, ...whole },
    height: zeroLength,
    stamp: undefined,
    stencil: undefined,
    words: undefined,
    ...change,
  };
  return mark.shown.width > 0 && mark.shown.height > 0
    ? { ok: true, mark }
    : { ok: false, reason: { code: 'nothing-shown' } };
}
