import type { Rect } from '../outline/outline';
import type { Paint } from '../kinds/paint';
import type { Length } from '../length/length';
import type { BlankLayout } from '../paper/layOutBlank';
import type { PieceId } from '../plan/ids';
import type { Stock } from '../plan/libraryItem';
import type { FaceId } from '../plan/faces';
import type { SizeOrigin, SupportId } from './origins';
import type { PaintOrder } from './paintOrder';
import type { ResolvedMark } from './resolvedMark';
import type { ResolvedPiece } from './resolvedPiece';
import type { ResolvedScene } from './resolvedScene';

export interface ResolvedBase extends BlankLayout {
  readonly letter: string;
  readonly stock: Stock | undefined;
  readonly paint: Paint;
  readonly caliper: Length;
  readonly origins: { readonly width: SizeOrigin; readonly height: SizeOrigin };
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
  /** Papers divided into strips. */
  readonly scenes: readonly ResolvedScene[];
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
