import type { Rect } from '../outline/outline';
import type { Length, Size } from '../length/length';
import type { BlankLayout } from '../paper/layOutBlank';
import type { CardFormatId } from '../paper/cardFormat';
import type { Polygon } from '../geometry/flattenPath';
import type { PieceId } from '../plan/ids';
import type { DieSet, Stock } from '../plan/libraryItem';
import type { FaceId, Side } from '../plan/faces';
import type { Paper } from '../plan/piece';
import type { PaintOrder } from './paintOrder';
import type { ResolvedMark } from './resolvedMark';

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

export interface ResolvedBase extends BlankLayout {
  readonly letter: string;
  readonly stock: Stock | undefined;
  readonly caliper: Length;
  readonly origins: { readonly width: SizeOrigin; readonly height: SizeOrigin };
}

/** A mat has a piece on it; a liner is the topmost piece inside; all else is a panel. */
export type PieceRole = 'mat' | 'panel' | 'liner';

export interface ResolvedPiece {
  readonly id: PieceId;
  /** As on the project sheet; the base is A, then front and inside in gluing order. */
  readonly letter: string;
  readonly name: string;
  readonly face: FaceId;
  readonly support: SupportId;
  readonly role: PieceRole;
  readonly rect: Rect;
  /** What is cut from the sheet: the size, and what is trimmed off after decorating. */
  readonly cut: Size;
  readonly reveals: Reveals;
  /** The hole cut in its middle, on its face; also the size of the piece that is recovered. */
  readonly opening: Rect | undefined;
  /** Lies on the base across the middle of a gate fold's front, so it is glued to one flap only. */
  readonly crossesGate: boolean;
  readonly origins: {
    readonly width: SizeOrigin;
    readonly height: SizeOrigin;
    readonly x: PlaceOrigin;
    readonly y: PlaceOrigin;
  };
  /** Its box before it was cut down: what its die or the size rule gives; the same where nothing is cut off. */
  readonly uncut: Rect;
  /** It is cut off along this line on its face, at the edge of the card or of its panel; undefined where it is not. */
  readonly clip: Polygon | undefined;
  /** What is cut that is no rectangle, by a die or round a print, stretched to its box; undefined for a rectangle. */
  readonly shape: DieSet['shape'] | undefined;
  /** How far inside its cut a stitched line is embossed; undefined for none. */
  readonly stitch: Length | undefined;
  readonly stock: Stock | undefined;
  readonly caliper: Length;
  /** Height of the adhesive under it. */
  readonly lift: Length;
  /** Height of its lower side above the face. */
  readonly foot: Length;
  readonly piece: Paper;
}

/** A piece that has no figures, and why. `below`: what it lies on, or is sized round, has none either. */
export interface ImpossiblePiece {
  readonly id: PieceId;
  readonly name: string;
  readonly reason:
    | { readonly code: 'circle' }
    | { readonly code: 'nothing-under' }
    | { readonly code: 'nothing-inside' }
    | { readonly code: 'no-face'; readonly face: FaceId }
    | { readonly code: 'no-die' }
    | { readonly code: 'no-stamp' }
    | { readonly code: 'no-stencil' }
    | { readonly code: 'nothing-shown' }
    | { readonly code: 'no-neighbour' }
    | {
        readonly code: 'no-size';
        readonly width: Length;
        readonly height: Length;
        readonly support: SupportId;
      }
    | { readonly code: 'below'; readonly support: PieceId };
}

/** The box of any piece, paper or mark, as placed on its face; undefined where it has no figures. */
export function boxOf(card: ResolvedCard, id: PieceId): Rect | undefined {
  return placedById(card, id)?.rect;
}

/** Paper or a mark with its figures, by its id; undefined where it has none. */
export function placedById(
  { pieces, marks }: ResolvedCard,
  id: string | undefined,
): ResolvedPiece | ResolvedMark | undefined {
  return pieces.find((each) => each.id === id) ?? marks.find((each) => each.id === id);
}

/** A plan with every rule turned into a figure. */
export interface ResolvedCard {
  readonly base: ResolvedBase;
  /** As they are glued, each after what it lies on, face by face: front, inside of the front leaf, inside, back. */
  readonly pieces: readonly ResolvedPiece[];
  /** What lies on paper without being paper: grounds, then prints, then what is stuck on, each in list order. */
  readonly marks: readonly ResolvedMark[];
  /** All of both on each face, from the back to the front: what comes later covers what comes before. */
  readonly painted: PaintOrder;
  readonly impossible: readonly ImpossiblePiece[];
  /** The highest point of the stack on each face, and of the closed card. */
  readonly thickness: Readonly<Record<FaceId | 'closed', Length>>;
}

/** The whole outline of what a piece may lie on, in the coordinates of its face. */
export function supportRect(card: ResolvedCard, support: SupportId): Rect {
  if (support === 'base') return { x: 0 as Length, y: 0 as Length, ...card.base.face };
  const found = card.pieces.find(({ id }) => id === support);
  if (!found) throw new RangeError(`supportRect: expected a resolved piece, got ${support}`);
  return found.rect;
}

/** The letter of the base or of a resolved piece. */
export function letterOf(card: ResolvedCard, support: SupportId): string {
  if (support === 'base') return card.base.letter;
  return card.pieces.find(({ id }) => id === support)?.letter ?? '?';
}

/** The resolved pieces lying directly on a support, in gluing order. */
export function piecesOn(
  card: ResolvedCard,
  support: SupportId,
  face: FaceId,
): readonly ResolvedPiece[] {
  return card.pieces.filter((piece) => piece.support === support && piece.face === face);
}
