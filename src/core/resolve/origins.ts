import type { CardFormatId } from '../paper/cardFormat';
import type { Length } from '../length/length';
import type { PieceId } from '../plan/ids';
import type { Side } from '../plan/faces';

/** A length for each side. As borders: what shows of the support; negative where a piece overhangs. */
export type Reveals = Readonly<Record<Side, Length>>;

/** The base itself where a figure is measured from it, or a piece. */
export type SupportId = 'base' | PieceId;

/** Where a width or height comes from. */
export type SizeOrigin =
  | { readonly kind: 'typed' }
  | {
      readonly kind: 'less-reveals';
      readonly from: SupportId;
      readonly whole: Length;
      readonly near: Length;
      readonly far: Length;
    }
  | {
      readonly kind: 'less-step';
      readonly from: SupportId;
      readonly whole: Length;
      readonly step: Length;
    }
  | {
      readonly kind: 'more-reveals';
      readonly around: PieceId;
      readonly inner: Length;
      readonly near: Length;
      readonly far: Length;
    }
  | {
      readonly kind: 'die';
      readonly set: string;
      /** Counted from the largest, 1. */
      readonly nth: number;
      readonly of: number;
    }
  | { readonly kind: 'print'; readonly stamp: string; readonly rim: Length }
  | { readonly kind: 'format'; readonly format: CardFormatId }
  | { readonly kind: 'half-blank'; readonly blank: Length; readonly from: string };

/** Where a position comes from. */
export type PlaceOrigin =
  | {
      readonly kind: 'centred';
      readonly from: SupportId;
      readonly near: Length;
      readonly far: Length;
    }
  | {
      readonly kind: 'from-edge';
      readonly from: SupportId;
      readonly edge: Side;
      readonly distance: Length;
    }
  | { readonly kind: 'on-third'; readonly from: SupportId; readonly which: 1 | 2 }
  | {
      readonly kind: 'beside';
      readonly piece: PieceId;
      readonly side: Side;
      readonly gap: Length;
    };
