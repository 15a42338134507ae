import { fitWords, setWords, type SetWords } from '../lettering/setWords';
import {
  millimetres,
  subtractLengths,
  sumLengths,
  zeroLength,
  type Length,
  type Size,
} from '../length/length';
import { turnStencil } from '../outline/turnStencil';
import type { Stamp, Stencil } from '../plan/libraryItem';
import { findStamp, findStencil, type Library } from '../plan/library';
import type { Mark } from '../plan/piece';
import type { ImpossiblePiece } from './resolvedCard';

/** What a mark is as large as, and what of it shows. */
export interface SizedMark {
  readonly whole: Size;
  /** From the corner of the whole. */
  readonly shown: Size & { readonly x: Length; readonly y: Length };
  readonly height: Length;
  readonly stamp: Stamp | undefined;
  readonly stencil: Stencil | undefined;
  readonly words: SetWords | undefined;
}

export type SizedMarkOutcome =
  | { readonly ok: true; readonly mark: SizedMark }
  | { readonly ok: false; readonly reason: ImpossiblePiece['reason'] };

/** How far what is stuck on stands up. From memory. */
const dotHeights = {
  dot: millimetres(1),
  gem: millimetres(2),
  sequin: millimetres(0.3),
  drop: millimetres(1.5),
  splatter: zeroLength,
} as const;

/**
 * The size of a mark: a stamp's image box, the ink of its words, the zone that is stencilled (all of what it lies on
 * unless told), a diameter, or what was drawn.
 */
export function sizeMark(piece: Mark, library: Library, under: Size): SizedMarkOutcome {
  switch (piece.kind) {
    case 'image': {
      const stamp = findStamp(library, piece.stamp);
      if (!stamp) return { ok: false, reason: { code: 'no-stamp' } };
      const whole = { width: stamp.width.ticks, height: stamp.height.ticks };
      const words = stamp.words ? fitWords({ ...stamp.words, align: 'centre' }, whole) : undefined;
      return notEmpty({ ...plainMark(whole), stamp, words, shown: cropped(whole, piece.crop) });
    }
    case 'words': {
      const words = setWords(piece, piece.xHeight.ticks);
      return notEmpty({ ...plainMark({ width: words.width, height: words.height }), words });
    }
    case 'stencil': {
      const found = findStencil(library, piece.stencil);
      if (!found) return { ok: false, reason: { code: 'no-stencil' } };
      const stencil = piece.turned ? turnStencil(found) : found;
      const { zone } = piece;
      const whole = zone
        ? { width: zone.width.ticks, height: zone.height.ticks }
        : { width: under.width, height: under.height };
      return notEmpty({ ...plainMark(whole), stencil });
    }
    case 'dot': {
      const { ticks } = piece.diameter;
      const height = dotHeights[piece.look];
      return notEmpty({ ...plainMark({ width: ticks, height: ticks }), height });
    }
    case 'drawn':
      return notEmpty(plainMark({ width: piece.width.ticks, height: piece.height.ticks }));
    default:
      throw new TypeError(`sizeMark: unknown kind ${JSON.stringify(piece satisfies never)}`);
  }
}

function plainMark(whole: Size): SizedMark {
  const shown = { x: zeroLength, y: zeroLength, ...whole };
  return {
    whole,
    shown,
    height: zeroLength,
    stamp: undefined,
    stencil: undefined,
    words: undefined,
  };
}

function cropped(
  { width, height }: Size,
  crop: Extract<Mark, { kind: 'image' }>['crop'],
): SizedMark['shown'] {
  if (!crop) return { x: zeroLength, y: zeroLength, width, height };
  return {
    x: crop.left.ticks,
    y: crop.top.ticks,
    width: subtractLengths(width, sumLengths(crop.left.ticks, crop.right.ticks)),
    height: subtractLengths(height, sumLengths(crop.top.ticks, crop.bottom.ticks)),
  };
}

function notEmpty(mark: SizedMark): SizedMarkOutcome {
  return mark.shown.width > 0 && mark.shown.height > 0
    ? { ok: true, mark }
    : { ok: false, reason: { code: 'nothing-shown' } };
}
