import type { SetWords } from '../lettering/setWords';
import type { Length } from '../length/length';
import type { FaceId } from '../plan/faces';
import type { PieceId } from '../plan/ids';
import type { Stamp, Stencil } from '../plan/libraryItem';
import type { Mark } from '../plan/piece';
import type { PlaceOrigin, Reveals, SupportId } from './resolvedCard';
import type { Rect } from '../outline/outline';

/** Whether a mark is to be read, so that nothing may lie on it. */
export function holdsWords({ piece, stamp }: ResolvedMark): boolean {
  return piece.kind === 'words' || (stamp?.words ?? null) !== null;
}

/** Whether a mark is a ground that others lie on: colour through a stencil, or a background print. */
export function isGround({ piece, stamp }: ResolvedMark): boolean {
  return piece.kind === 'stencil' || stamp?.stamp === 'background';
}

/** A mark with its figures: what is printed, written, stuck or drawn on paper. */
export interface ResolvedMark {
  readonly id: PieceId;
  readonly name: string;
  readonly face: FaceId;
  readonly support: SupportId;
  /** Its box before it is turned about the middle, on its face. */
  readonly rect: Rect;
  /** The box of the whole stamp, where a part of it is masked off; else the same. */
  readonly whole: Rect;
  /** From its box to the edges of what it lies on; negative where it hangs over. */
  readonly reveals: Reveals;
  readonly origins: { readonly x: PlaceOrigin; readonly y: PlaceOrigin };
  /** How far it stands up from the paper. */
  readonly height: Length;
  /** Height of the paper under it above the face. */
  readonly foot: Length;
  readonly stamp: Stamp | undefined;
  /** Turned on its side where it is laid so. */
  readonly stencil: Stencil | undefined;
  /** How its words are set, from the corner of `whole`. */
  readonly words: SetWords | undefined;
  readonly piece: Mark;
}
