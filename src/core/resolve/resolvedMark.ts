import { kindOf } from '../kinds/kinds';
import type { PlacedMark } from '../kinds/markKind';
import type { Length } from '../length/length';
import type { Outline } from '../outline/outline';
import type { FaceId } from '../plan/faces';
import type { PieceId } from '../plan/ids';
import type { PlaceOrigin, Reveals, SupportId } from './origins';

/** Whether a mark is to be read, so that nothing may lie on it. */
export function holdsWords({ piece, stamp }: ResolvedMark): boolean {
  return piece.kind === 'words' || stamp?.stamp === 'sentiment' || (stamp?.words ?? null) !== null;
}

/** Whether a mark is a ground that others lie on: colour through a stencil, or a background print. */
export function isGround({ piece, stamp }: ResolvedMark): boolean {
  return (
    kindOf(piece).laid(piece) === 'ground' ||
    kindOf(piece).laid(piece) === 'over' ||
    stamp?.stamp === 'background'
  );
}

/** A mark with its figures: what is printed, written, stuck or drawn on paper. */
export interface ResolvedMark extends PlacedMark {
  readonly id: PieceId;
  readonly name: string;
  readonly face: FaceId;
  readonly support: SupportId;
  /** From its box to the edges of what it lies on; negative where it hangs over. */
  readonly reveals: Reveals;
  readonly origins: { readonly x: PlaceOrigin; readonly y: PlaceOrigin };
  /** The strips of a scene it is inked in; undefined where it is kept to none. */
  readonly within: Outline | undefined;
  /** How far it stands up from the paper. */
  readonly height: Length;
  /** Height of the paper under it above the face. */
  readonly foot: Length;
}
